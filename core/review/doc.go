// Package review compares a home recipe with the tested procedures and says
// what stands in the way of canning it.
//
// Clear is earned, never the default: the review accounts for every line and
// every sentence of the method by a permission that it can name. What no rule
// speaks of is not permitted. It never makes a process of its own: minutes and
// pounds come from a procedure's table or not at all.
package review
