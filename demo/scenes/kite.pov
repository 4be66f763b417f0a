// A gull-sized paper kite, snapped small against the sky with the sun high on the right.
#include "common.inc"
Viewer(0, 30, 1, 6, 0)
KeyLight(60, 25, rgb <1.4,1.35,1.25>*0.8, 0.05)
#if (!Silhouette) sky_sphere { pigment { gradient y scale 1.2 translate -0.6*y color_map { [0 rgb <0.50,0.60,0.72>] [1 rgb <0.26,0.40,0.62>] } }
  pigment { wrinkles turbulence 0.5 octaves 6 scale <0.8,0.3,0.8> color_map { [0.4 rgbt 1] [1 rgbt <0.85,0.86,0.88,0.2>] } } } #end
#macro Panel(A,B,C,Col) triangle { A,B,C texture { pigment { granite scale 0.4 color_map { [0 color Col] [1 color Col*0.78] } } normal { wrinkles 0.4 scale 0.1 } finish { diffuse 0.75 emission 0.1 } } } #end
union {
  Panel(<0,0.5,0.1>, <-1.15,0.25,0.25>, <0,-0.1,-0.05>, rgb <0.80,0.26,0.14>) Panel(<0,0.5,0.1>, <1.15,0.35,0.25>, <0,-0.1,-0.05>, rgb <0.84,0.62,0.30>)
  Panel(<-1.15,0.25,0.25>, <-0.75,-0.05,0.2>, <0,-0.1,-0.05>, rgb <0.55,0.16,0.10>) Panel(<1.15,0.35,0.25>, <0.75,0.02,0.2>, <0,-0.1,-0.05>, rgb <0.60,0.42,0.20>)
  Panel(<0,-0.1,-0.05>, <-0.3,-0.85,0.1>, <0.34,-0.8,0.1>, rgb <0.80,0.26,0.14>)
  cylinder { <0,0.55,0.1>, <0,-0.85,0.08>, 0.018 pigment { rgb <0.2,0.13,0.08> } } cylinder { <-1.2,0.25,0.25>, <1.2,0.36,0.25>, 0.016 pigment { rgb <0.2,0.13,0.08> } }
  rotate z*14 translate <0.05,0.1,6>
}
