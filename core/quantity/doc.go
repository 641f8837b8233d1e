// Package quantity holds the measures of a kitchen: units, amounts, jars and
// their conversions.
//
// A unit is a volume, a mass or a count. Volumes convert to millilitres and
// masses to grams by definition; between the two only a food's density can
// lead, so that conversion lives in package food. Counts ("3 onions") convert
// to nothing here.
//
// The package never guesses: a conversion that has no exact meaning reports
// false.
package quantity
