// Package book lays a recipe out of a printed book as a procedure: what each line is for, what
// safety rests on, the process rows as the text tells them. All of it is a guess that somebody
// with the book before them goes through; what the text does not say is left open, and nothing is
// taken from another book's table.
package book
