// Package run judges what happens at a canner, from the heat under it to the jars on the
// towel: the clocks of the day, and at the end whether the jars had their process as it was
// tested.
//
// A run is a load and a list of events. Nothing else is stored: the phase, the clocks and the
// judgement are computed from the events and the time of asking, so that a page that was
// reloaded, a second screen and a program that was killed all say the same. Nothing is erased:
// an undo is an event too.
//
// The rules are those of USDA Complete Guide to Home Canning 2015, guide 1 (Using Pressure
// Canners, Using Boiling-Water Canners, Cooling Jars), from memory: steam flows 10 full minutes
// before the weight goes on; the time counts only at pressure, or at a full boil; where the
// pressure or the boil is lost the whole time begins again; the pressure falls to zero by
// itself. None of them is ever made up for by more minutes.
package run
