#include <QApplication>
#include <QElapsedTimer>
#include <cstdio>
#include "gui/drive.h"
#include "gui/look/look.h"
#include "gui/inspector/inspector.h"
#include "model/project.h"
using namespace wp; using namespace wp::gui;
int main(int argc,char**argv){
  QElapsedTimer t; t.start();
  QApplication app(argc,argv);
  apply_look(app,Paper::light);
  std::printf("look %lld\n",(long long)t.elapsed());
  Window window;
  std::printf("window %lld\n",(long long)t.elapsed());
  window.show();
  std::printf("shown %lld\n",(long long)t.elapsed());
  if(window.open(argv[1])) return 3;
  std::printf("opened %lld\n",(long long)t.elapsed());
  drive::wait_until([&]{return window.sheet().maps_painted()>0;});
  std::printf("painted %lld\n",(long long)t.elapsed());
  if(argc<3) return 0;
  window.asker().hold(true);
  QTest::qWait(500);
  auto&d=window.document();
  std::vector<Selection> all;
  for(auto&s:d.option().storeys) for(auto&r:s.rooms) for(auto&o:r.openings) all.push_back({Selection::Kind::opening,o.id,-1});
  t.restart();
  const int n=100;
  double worst=0;
  for(int i=0;i<n;++i){ QElapsedTimer u;u.start(); d.select(all[i%all.size()]); worst=std::max(worst,u.nsecsElapsed()/1e6); QApplication::processEvents(); }
  std::printf("select+paint %.1f ms each, worst select %.1f\n",t.elapsed()/double(n),worst);
}
