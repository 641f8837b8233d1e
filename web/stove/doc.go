// Package stove is the page at the stove: the loads that are on, their clocks, what is told of
// them, and how they are judged.
package stove
