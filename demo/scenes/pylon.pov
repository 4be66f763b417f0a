// A ruined tramway pylon: tapered masonry, a rusted crossarm, a loop of broken cable. Morning, sun from the upper left behind.
#include "common.inc"
Viewer(1.7, 40, 3/4, 13, 0.02)
KeyLight(128, -8, rgb <1.5,1.4,1.25>*1.0, 0.06)
Sky(rgb <0.52,0.54,0.57>, rgb <0.29,0.37,0.49>, rgb <0.7,0.7,0.7>, 0.45)
SandGround(rgb <0.50,0.48,0.44>, rgb <0.34,0.32,0.29>)
#declare Stones = function { pattern { brick brick_size <1.05,0.48,1.05> mortar 0.035 turbulence 0.10 } }
#declare Pier = isosurface {
  function { max(abs(x+0.05*f_noise3d(y*0.6,1,1)), abs(z)) - (1.02-0.060*y) - 0.10*f_noise3d(x*1.5,y*1.5,z*1.5) - 0.03*f_noise3d(x*7,y*7,z*7) + 0.02*(Stones(x,y,z)<0.5)
     - 0.16*exp(-pow((y-0.2)/0.30,2)) - 0.12*exp(-pow((y-7.55)/0.20,2)) + 1.5*max(0, y-8.0-0.9*f_noise3d(x*1.2+3,1,z*1.2)) }
  contained_by { box { <-1.7,-0.05,-1.7>, <1.7,9.3,1.7> } } accuracy 0.004 max_gradient 4
  texture { pigment { granite scale 1.7 color_map { [0 rgb <0.42,0.40,0.365>] [0.5 rgb <0.33,0.31,0.285>] [1 rgb <0.21,0.19,0.17>] } } normal { granite 0.3 scale 0.4 } }
  texture { pigment { gradient y turbulence 0.7 octaves 5 color_map { [0 rgbt <0.20,0.22,0.15,0.25>] [0.22 rgbt <0.26,0.25,0.19,0.6>] [0.5 rgbt 1] [0.85 rgbt 1] [1 rgbt <0.30,0.17,0.09,0.45>] } scale 9 } }
}
#declare Rust = texture { pigment { granite scale 0.5 color_map { [0 rgb <0.16,0.085,0.05>] [0.6 rgb <0.26,0.135,0.07>] [1 rgb <0.09,0.06,0.05>] } } normal { granite 0.4 scale 0.1 } finish { diffuse 0.8 } }
#declare Arm = union {
  box { <-2.7,-0.13,-0.16>, <2.3,0.13,0.16> } box { <-2.7,0.10,-0.26>, <2.3,0.15,0.26> } box { <-2.7,-0.15,-0.26>, <2.3,-0.10,0.26> }
  cylinder { <-2.3,0,0>, <-0.7,-1.5,0>, 0.08 } cylinder { <1.9,0,0>, <0.7,-1.3,0>, 0.08 }
  #local I = -1; #while (I <= 1) sphere { <I*2.25-0.1,0.30,0>, 0.16 scale <1,1.3,1> } cylinder { <I*2.25-0.1,0.1,0>, <I*2.25-0.1,0.62,0>, 0.07 } #local I = I+2; #end
  texture { Rust } }
#declare Thing = union {
  object { Pier }
  object { Arm rotate z*-5 translate <0,8.25,-0.2> }
  sphere_sweep { cubic_spline 8, <-2.2,8.9,-0.2>,0.05 <-2.3,8.55,-0.3>,0.05 <-2.6,7.3,-0.6>,0.05 <-2.45,5.6,-0.8>,0.05 <-2.75,4.0,-0.8>,0.045 <-2.5,2.6,-0.9>,0.045 <-2.65,1.5,-0.9>,0.04 <-2.6,0.5,-0.9>,0.04 tolerance 0.01 texture { Rust } }
  #local R = seed(7); #local I = 0;
  #while (I < 16) superellipsoid { <0.5,0.5> scale <0.2+0.25*rand(R),0.15+0.14*rand(R),0.2+0.2*rand(R)> rotate <rand(R)*40,rand(R)*90,rand(R)*30> translate <-2.0+rand(R)*4.2,0.10,-1.0-rand(R)*0.9>
     texture { pigment { granite scale 1 color_map { [0 rgb <0.40,0.38,0.35>] [1 rgb <0.22,0.2,0.18>] } } normal { granite 0.5 scale 0.4 } } } #local I = I+1; #end
  rotate y*18 translate <0.2,0,14.5>
}
object { Thing }
#ifdef (Edges) TraceEdges(Thing, 1.7, 40, 3/4, function { Stones(x,y,z) }, transform { rotate y*18 translate <0.2,0,14.5> }, 0) #end
