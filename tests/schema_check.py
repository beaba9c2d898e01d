#!/usr/bin/env python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""The demo and the criteria sets keep to their JSON schemas, and a damaged demo does not."""
import copy, json, pathlib, sys
import jsonschema

root = pathlib.Path(__file__).resolve().parent.parent
load = lambda p: json.loads((root / p).read_text())
project, criteria = load("docs/formats/project.schema.json"), load("docs/formats/criteria.schema.json")
for schema in (project, criteria):
    jsonschema.Draft7Validator.check_schema(schema)
demo = load("demo/tern-quay.warmpane")
jsonschema.validate(demo, project)
for path in sorted((root / "data/criteria").glob("*.json")):
    jsonschema.validate(json.loads(path.read_text()), criteria)

def breaks(change):
    broken = copy.deepcopy(demo)
    change(broken)
    try:
        jsonschema.validate(broken, project)
    except jsonschema.ValidationError:
        return True
    return False

checks = [lambda d: d.pop("site"), lambda d: d["materials"][0].update(reflectance=2),
          lambda d: d["options"][0]["storeys"][0]["rooms"][0].update(footprint=[[0, 0], [1, 1]]),
          lambda d: d["questions"][0].update(kind="magic")]
if not all(breaks(c) for c in checks):
    sys.exit("the project schema lets a damaged file pass")
print("schemas hold")
