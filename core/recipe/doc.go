// Package recipe turns what people write into a Recipe: ingredient lines with
// amount, unit, food, form and state, and a method cut into sentences whose
// acts and foods are named.
//
// What the package cannot read it says; it never guesses in silence. Every
// line has a reading: understood, guess (something was assumed) or unclear.
// The package judges nothing.
package recipe
