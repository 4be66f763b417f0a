// A bus-sized tortoise on dry sand, late afternoon, the sun on the left towards the viewer.
#include "common.inc"
Viewer(1.9, 44, 4/3, 11.6, 0.05)
KeyLight(148, 28, rgb <1.55,1.28,0.98>*1.35, 0.10)
Sky(rgb <0.62,0.60,0.56>, rgb <0.26,0.38,0.56>, rgb <0.85,0.80,0.75>, 0.35)
SandGround(rgb <0.52,0.45,0.36>, rgb <0.34,0.285,0.22>)

#declare Plates = function { pattern { crackle form <-1,1,0> scale <0.92,0.85,0.86> translate <0.35,0.1,0.2> turbulence 0.04 } }
#declare PlateIds = function { pattern { crackle solid scale <0.92,0.85,0.86> translate <0.35,0.1,0.2> turbulence 0.04 } }
#declare PlateRelief = normal { average normal_map {
  [2.2 crackle 2.4 form <-1,1,0> scale <0.92,0.85,0.86> translate <0.35,0.1,0.2> turbulence 0.04 slope_map { [0 <0,0.2>] [0.06 <0.4,1>] [0.22 <0.9,0.5>] [0.6 <1,0>] }]
  [1 crackle 1.2 form <-1,1,0> scale <0.92,0.85,0.86> translate <0.35,0.1,0.2> turbulence 0.04 frequency 9]
  [1 granite 0.4 scale 0.5] } }
#declare Dome = function(x,y,z) { sqrt(x*x/(2.65*2.65) + (y-1.25)*(y-1.25)/(1.95*1.95) + z*z/(1.85*1.85)) - 1 }
#declare Skirt = function(x,y,z) { sqrt(x*x/(2.85*2.85) + z*z/(2.05*2.05) + (y-1.32)*(y-1.32)/(0.30*0.30)) - 1 }
#declare Shell = isosurface {
  function { -ln(exp(-9*Dome(x,y,z)) + exp(-9*0.42*Skirt(x,y,z)))/9
     - 0.05*f_noise3d(x*2.2,y*2.2,z*2.2) }
  contained_by { box { <-3.2,0.95,-2.4>, <3.2,3.5,2.4> } } accuracy 0.004 max_gradient 3
  texture {
    pigment { function { min(1, Plates(x,y,z)*1.9) } turbulence 0.05 color_map {
      [0 rgb <0.05,0.04,0.03>] [0.10 rgb <0.13,0.10,0.065>] [0.32 rgb <0.20,0.15,0.085>] [0.6 rgb <0.33,0.25,0.13>] [0.85 rgb <0.45,0.35,0.19>] [1 rgb <0.36,0.29,0.17>] } }
    normal { PlateRelief } finish { diffuse 0.8 specular 0.12 roughness 0.06 } }
  texture { pigment { granite scale 1.9 color_map { [0 rgbt <0.46,0.47,0.36,0.45>] [0.3 rgbt <0.40,0.42,0.30,0.72>] [0.5 rgbt 1] [0.8 rgbt <0.03,0.025,0.02,0.5>] [1 rgbt <0.5,0.45,0.36,0.5>] } } normal { PlateRelief } }
  texture { pigment { slope y color_map { [0 rgbt 1] [0.82 rgbt 1] [1 rgbt <0.60,0.55,0.44,0.55>] } } normal { PlateRelief } }
}
#declare Hide = texture {
    pigment { crackle scale 0.085 turbulence 0.15 color_map { [0 rgb <0.085,0.07,0.055>] [0.25 rgb <0.21,0.175,0.135>] [1 rgb <0.31,0.265,0.205>] } }
    normal { crackle 0.9 scale 0.085 turbulence 0.15 slope_map { [0 <0,1>] [0.3 <0.8,0.8>] [1 <1,0>] } } finish { diffuse 0.8 specular 0.06 roughness 0.08 } }
#declare Dust = texture { pigment { granite scale 0.8 color_map { [0 rgbt <0.5,0.44,0.35,0.45>] [0.5 rgbt <0.5,0.44,0.35,0.85>] [1 rgbt <0,0,0,0.75>] } } }

// A leg from shoulder to foot: wrinkled, thick, with nails.
#macro Leg(Sx, Sz, Fx, Fz, Wide)
  union {
    isosurface {
      function { -ln( exp(-7*(sqrt(pow(x-Sx,2)+pow(y-1.2,2)+pow(z-Sz,2)) - 0.62*Wide))
                    + exp(-7*(sqrt(pow(x-(Sx*0.55+Fx*0.45),2)+pow((y-0.75)*0.8,2)+pow(z-(Sz*0.5+Fz*0.5),2)) - 0.44*Wide))
                    + exp(-7*(sqrt(pow(x-Fx,2)+pow((y-0.35)*0.62,2)+pow(z-Fz,2)) - 0.34*Wide))
                    + exp(-9*(sqrt(pow((x-Fx-0.05)*0.9,2)+pow((y-0.06)*2.2,2)+pow(z-Fz,2)) - 0.42*Wide)) )/7
           - 0.05*f_noise3d(x*3,y*7,z*3) - 0.028*f_noise3d(x*11,y*14,z*11) - 0.012*sin(y*26+3*f_noise3d(x*3,y*2,z*3)) }
      contained_by { box { <min(Sx,Fx)-0.95,-0.02,min(Sz,Fz)-0.95>, <max(Sx,Fx)+0.95,2.0,max(Sz,Fz)+0.95> } } accuracy 0.004 max_gradient 4.5
      texture { Hide } texture { Dust } }
    #local I = -2;
    #while (I <= 2)
      sphere { 0, 0.075 scale <1.7,1.0,0.85> rotate y*(-I*22) translate <Fx+0.36*Wide*cos(radians(I*26))+0.06, 0.05, Fz+0.36*Wide*sin(radians(I*26))>
        pigment { granite scale 0.1 color_map { [0 rgb <0.17,0.14,0.11>] [1 rgb <0.42,0.37,0.3>] } } finish { specular 0.2 roughness 0.03 } }
      #local I = I + 1;
    #end
  }
#end

#declare Head = union {
  isosurface {   // neck and skull, to the right
    function { -ln( exp(-8*(sqrt(pow(x-2.2,2)+pow(y-1.55,2)+z*z) - 0.55)) + exp(-8*(sqrt(pow(x-2.65,2)+pow(y-1.78,2)+z*z) - 0.40))
                  + exp(-8*(sqrt(pow(x-3.05,2)+pow(y-2.03,2)+z*z) - 0.33)) + exp(-9*(sqrt(pow((x-3.42)*0.85,2)+pow(y-2.20,2)+pow(z*1.02,2)) - 0.35))
                  + exp(-10*(sqrt(pow((x-3.72)*0.9,2)+pow((y-2.10)*1.15,2)+pow(z*1.2,2)) - 0.23)) + exp(-14*(sqrt(pow((x-3.55)*0.8,2)+pow((y-1.97)*1.8,2)+pow(z*1.15,2)) - 0.20)) )/8
        + 0.030*exp(-pow((y-2.045-0.10*pow(x-3.5,2))*34,2))*(x>3.40)
        - 0.040*f_noise3d(x*4,y*4,z*4) - 0.020*f_noise3d(x*13,y*13,z*13) - 0.018*sin(x*30+y*14)*(x<3.1) }
    contained_by { box { <1.5,0.9,-0.9>, <4.25,2.75,0.9> } } accuracy 0.003 max_gradient 4.5
    texture { Hide scale 0.75 } texture { Dust } }
  // brow, eye
  sphere { <3.55,2.315,-0.305>, 0.085 pigment { rgb <0.02,0.015,0.01> } finish { specular 0.9 roughness 0.004 reflection 0.06 diffuse 0.5 } }
  torus { 0.09, 0.032 rotate x*80 translate <3.55,2.315,-0.325> texture { Hide scale 0.3 } }
  sphere { <3.93,2.145,-0.09>, 0.017 pigment { rgb 0.02 } }
}
#declare Thing = union {
  object { Shell }
  object { Head }
  Leg(1.75,-0.95, 2.15,-1.15, 1.0)
  Leg(1.45, 0.95, 1.15, 1.25, 0.95)
  Leg(-1.75,-0.95, -1.45,-1.20, 1.0)
  Leg(-1.75, 0.95, -2.25, 1.15, 0.95)
  sphere { 0, 1 scale <2.2,0.42,1.5> translate <0,1.05,0> texture { Hide scale 2 } }
  cone { <-2.6,1.15,0>, 0.24, <-3.25,0.75,0.05>, 0.04 texture { Hide } }
  rotate y*-14 translate <-0.25,0,12.2>
}
object { Thing }
#ifdef (Edges) TraceEdges(Thing, 1.9, 44, 4/3, function { PlateIds(x,y,z) }, transform { rotate y*-14 translate <-0.25,0,12.2> }, 1.0) #end
