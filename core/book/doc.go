// Package book lays a recipe out of a printed book as a procedure: what each line is for, what
// safety rests on, the process rows as the text tells them. All of it is a guess that somebody
// with the book before them goes through. What the text does not say is left open, but for the
// pounds higher up, which keep the temperature of those that it gives.
package book
