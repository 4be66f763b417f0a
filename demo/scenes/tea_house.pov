// The small timber tea house, a careful model photographed in low evening sun from the right, behind the viewer's shoulder.
#include "common.inc"
Viewer(2.0, 45, 4/3, 9.5, 0.03)
KeyLight(22, 26, rgb <1.6,1.2,0.82>*1.35, 0.08)
Sky(rgb <0.66,0.58,0.50>, rgb <0.30,0.38,0.52>, rgb <0.85,0.74,0.66>, 0.4)
SandGround(rgb <0.46,0.42,0.37>, rgb <0.30,0.27,0.235>)
#declare R = seed(41);
#macro Board(A, B, Shade) // a box from A to B with its own small warp and grain along x
  box { A, B rotate <rand(R)-0.5, rand(R)-0.5, (rand(R)-0.5)*0.8> Timber(Shade*(0.72+0.5*rand(R)), rand(R)*40) }
#end
#macro Upright(X, Z, Y0, Y1, W) object { Board(<Y0,-W,-W>, <Y1,W,W>, 0.8) rotate z*90 translate <X,0,Z> } #end
#declare Paper = texture { pigment { granite scale 0.4 color_map { [0 rgb <0.86,0.74,0.52>] [1 rgb <0.74,0.60,0.40>] } } finish { diffuse 0.6 emission 0.22 } }
#declare Iron = texture { pigment { granite scale 0.15 color_map { [0 rgb <0.12,0.11,0.10>] [1 rgb <0.24,0.13,0.07>] } } finish { specular 0.3 roughness 0.04 } }
#macro Window(X, Y, W, H) union {
  box { <X-W/2,Y-H/2,-1.53>, <X+W/2,Y+H/2,-1.44> texture { Paper } }
  #local I = 0; #while (I <= 3) object { Board(<-H/2,-0.018,-0.03>, <H/2,0.018,0.02>, 0.6) rotate z*90 translate <X-W/2+W*I/3,Y,-1.55> } #local I = I+1; #end
  #local I = 0; #while (I <= 2) object { Board(<-W/2-0.05,-0.02,-0.035>, <W/2+0.05,0.02,0.02>, 0.6) translate <X,Y-H/2+H*I/2,-1.555> } #local I = I+1; #end } #end
#declare House = union {
  // floor beams and deck
  #local I = -8; #while (I <= 8) object { Board(<-2.35,-0.04,-0.12>, <2.35,0.045,0.12>, 0.85) translate <rand(R)*0.06,0.5,I*0.245> } #local I = I+1; #end
  #local I = -2; #while (I <= 2) object { Board(<-2.1,-0.11,-0.10>, <2.1,0.10,0.10>, 0.6) rotate y*90 translate <I*1.05,0.35,0> } #local I = I+1; #end
  // walls of upright planks, front and right
  #local I = 0; #while (I < 17) Upright(-1.68+I*0.21, -1.38, 0.52, 2.42+0.04*rand(R), 0.098) #local I = I+1; #end
  #local I = 0; #while (I < 14) object { Upright(1.72, -1.30+I*0.2, 0.52, 2.4+0.04*rand(R), 0.096) } #local I = I+1; #end
  box { <-1.7,0.5,-1.32>, <1.66,2.5,1.4> pigment { rgb 0.03 } }
  Window(-0.95, 1.55, 0.86, 0.8) Window(0.98, 1.55, 0.86, 0.8)
  // door with a curtain
  box { <-0.36,0.52,-1.5>, <0.36,2.1,-1.44> pigment { rgb <0.035,0.025,0.02> } }
  isosurface { function { z + 1.54 - 0.03*sin(x*24+2*f_noise3d(x*3,y*2,0)) - 0.02*f_noise3d(x*5,y*5,1) } contained_by { box { <-0.36,1.45,-1.62>, <0.36,2.1,-1.45> } } accuracy 0.003 max_gradient 2
    texture { pigment { granite scale 0.5 color_map { [0 rgb <0.13,0.19,0.27>] [1 rgb <0.21,0.28,0.36>] } } normal { bumps 0.4 scale 0.01 } } }
  Upright(-0.42,-1.52,0.52,2.22,0.05) Upright(0.42,-1.52,0.52,2.22,0.05)
  object { Board(<-0.6,-0.06,-0.06>, <0.6,0.06,0.06>, 0.7) translate <0,2.2,-1.53> }
  // veranda posts, rail
  #local I = 0; #while (I < 5) #if (I != 2) Upright(-2.1+I*1.05, -1.95, 0.5, 2.42, 0.06) #end #local I = I+1; #end
  Upright(-2.1, 0.2, 0.5, 2.4, 0.06) Upright(2.1, 0.2, 0.5, 2.4, 0.06) Upright(2.1, 1.6, 0.5, 2.4, 0.06)
  #local S = -1; #while (S <= 1)
    object { Board(<-0.55,-0.03,-0.04>, <0.55,0.035,0.04>, 0.8) translate <S*1.57,1.18,-1.96> }
    object { Board(<-0.55,-0.025,-0.03>, <0.55,0.025,0.03>, 0.8) translate <S*1.57,0.86,-1.96> }
    #local S = S+2; #end
  object { Board(<-1.1,-0.03,-0.04>, <1.1,0.035,0.04>, 0.8) rotate y*90 translate <2.1,1.18,-0.85> }
  object { Board(<-2.3,-0.07,-0.07>, <2.3,0.07,0.07>, 0.7) translate <0,2.46,-1.95> }
  object { Board(<-2.1,-0.07,-0.07>, <2.1,0.07,0.07>, 0.7) rotate y*90 translate <2.1,2.46,0> }
  // roof of overlapping shingles, two slopes sagging a little
  #local Row = 0;
  #while (Row < 13)
    #local T = Row/12; #local Y = 2.36+1.45*T-0.22*sin(pi*T); #local Z = -2.45+2.45*T;
    #local Slope = degrees(atan2(1.45-0.22*pi*cos(pi*T),2.45));
    #local C = 0;
    #while (C < 21)
      object { Board(<-0.23,-0.016,-0.125>, <0.23,0.018,0.125>, 0.62+0.25*rand(R)) rotate y*90 rotate x*(-Slope+7+3*rand(R)) rotate z*(rand(R)-0.5)*2 translate <-2.5+C*0.25+(mod(Row,2))*0.12+0.03*rand(R), Y+0.02*rand(R)-0.05*sin(pi*C/20), Z> }
      #local C = C+1;
    #end
    #local Row = Row+1;
  #end
  prism { linear_sweep -2.45, 2.45, 4, <-2.2,2.05>, <0,3.30>, <2.2,2.05>, <-2.2,2.05> rotate x*-90 rotate y*90 scale <1,1,1> pigment { rgb <0.06,0.045,0.035> } }
  object { Board(<-2.62,-0.07,-0.09>, <2.62,0.07,0.09>, 0.6) translate <0,3.84,0.02> }
  // gable planks on the right end
  #local I = 0; #while (I < 11) #local ZZ = -1.6+I*0.32; object { Upright(2.40, ZZ, 2.36, 2.40+1.42*(1-abs(ZZ)/2.4), 0.155) } #local I = I+1; #end
  // stove pipe with a cap, a kettle on the rail, a hanging lamp, crates
  cylinder { <-1.2,2.9,0.2>, <-1.2,4.35,0.2>, 0.10 texture { Iron } } cone { <-1.2,4.40,0.2>, 0.22, <-1.2,4.56,0.2>, 0.02 texture { Iron } }
  union { sphere { 0, 0.14 scale <1,0.8,1> } cone { <0.1,0,0>, 0.04, <0.24,0.10,0>, 0.018 } torus { 0.11, 0.012 rotate x*90 translate y*0.09 } translate <-1.55,1.33,-1.95> texture { Iron } }
  sphere { <0,2.02,-1.98>, 0.15 scale <1,1.0,1> texture { Paper finish { emission 0.5 } } } cylinder { <0,2.1,-1.98>, <0,2.44,-1.98>, 0.008 pigment { rgb 0.05 } }
  #local I = 0; #while (I < 4) object { Board(<-0.22,-0.05,-0.2>, <0.22,0.05,0.2>, 0.9) translate <1.72,0.60+I*0.105,-1.70> } #local I = I+1; #end
  // ladder and skids
  object { Board(<-2.6,-0.12,-0.12>, <2.6,0.12,0.12>, 0.55) translate <0,0.13,-1.6> } object { Board(<-2.6,-0.12,-0.12>, <2.6,0.12,0.12>, 0.55) translate <0,0.13,1.6> }
}
#declare Thing = object { House rotate y*24 translate <0,0.0,10.6> }
object { Thing }
#ifdef (Edges) TraceEdges(Thing, 2.0, 45, 4/3, function { 0 }, transform { translate 0 }, 0) #end
