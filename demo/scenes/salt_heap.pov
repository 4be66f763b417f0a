// A heap of raked salt under a white midday sun from above left: the brightest thing anybody would bring along.
#include "common.inc"
Viewer(1.6, 46, 4/3, 6.5, 0.02)
KeyLight(112, 40, rgb <1.5,1.46,1.4>*0.72, 0.07)
Sky(rgb <0.42,0.47,0.53>, rgb <0.18,0.28,0.44>, rgb <0.6,0.6,0.6>, 0.3)
SandGround(rgb <0.50,0.47,0.43>, rgb <0.36,0.33,0.30>)
isosurface {
  function { y - 1.35*exp(-pow(x*x*0.62+z*z*0.9,0.72)*0.95) - 0.18*exp(-pow((x-1.1)*(x-1.1)*2+z*z*2,0.8)) + 0.10 - 0.05*f_noise3d(x*2.5,0,z*2.5) - 0.045*f_noise3d(x*6,y*6,z*6) - 0.02*f_noise3d(x*18,y*18,z*18) + 0.02*sin(atan2(z,x)*19+f_noise3d(x*3,y*3,z*3)*4)*exp(-y) }
  contained_by { box { <-2.3,0.0,-2.2>, <2.3,1.8,2.2> } } accuracy 0.003 max_gradient 4
  texture { pigment { granite scale 1.2 color_map { [0 rgb <0.90,0.89,0.87>] [0.7 rgb <0.84,0.83,0.81>] [1 rgb <0.74,0.72,0.69>] } } normal { granite 0.4 scale 0.08 } finish { specular 0.2 roughness 0.01 } }
  translate <0,-0.02,7.4>
}
union { cylinder { <0,0.2,0>, <0.55,2.0,0.1>, 0.028 } box { <-0.17,-0.1,-0.02>, <0.17,0.30,0.02> rotate z*-17 } translate <0.55,0.45,6.6> Timber(1, 3) }
