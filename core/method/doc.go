// Package method reads what a sentence of a recipe does: it cuts it into
// clauses, finds what each verb acts on, and names the act by the frames of
// knowledge/frames.yaml. A clause is an act, for serving, talk, or unread.
//
// A clause that touches a food, a jar, a lid, the canner, heat, time or
// pressure and could not be read whole is unread, never waved through. One that
// touches none of these and puts nothing in is talk, whatever its words. The
// package judges nothing.
package method
