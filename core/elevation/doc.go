// Package elevation holds the physics of boiling at a height above the sea:
// air pressure, boiling point, and the temperature of steam in a canner.
//
// It explains process times; it never makes one. Weather (about ±2 % of the
// air pressure) is not modelled.
package elevation
