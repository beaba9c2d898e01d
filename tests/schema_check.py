#!/usr/bin/env python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""The demo, the criteria sets and the materials keep to their JSON schemas, and a damaged demo does not."""
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

materials = load("docs/formats/materials.schema.json")
jsonschema.Draft7Validator.check_schema(materials)
for path in sorted((root / "data/materials").glob("*.json")):
    jsonschema.validate(json.loads(path.read_text()), materials)
for path in sorted((root / "data/assumed").glob("*.json")):
    for part in json.loads(path.read_text())["parts"].values():
        jsonschema.validate({"warmpane_materials": 1, "materials": [part]}, materials)

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
          lambda d: d["questions"][0].update(kind="magic"),
          lambda d: d["options"][2]["storeys"][0]["rooms"][0]["openings"][0]["shading"][0].update(number=0),
          lambda d: d["options"][0]["things"][0].update(kind="spaceship")]
if not all(breaks(c) for c in checks):
    sys.exit("the project schema lets a damaged file pass")
print("schemas hold")
