// Package batch makes a recipe larger or smaller and says how many jars it
// fills.
//
// To scale is arithmetic and changes no proportion, so it changes no verdict
// either; the scaled recipe is reviewed like any other. Amounts for one jar stay
// as they are. The yield is an estimate with its spread, never a promise, and
// no process follows from it.
package batch
