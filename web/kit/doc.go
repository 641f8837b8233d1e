// Package kit is what every page needs and no page is: the frame, forms, the clock, how
// figures are written.
package kit
