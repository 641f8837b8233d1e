// Package stove is the page at the stove: the loads that are on, their clocks, what is told of
// them, and how they are judged.
package stove

import "embed"

// Templates are those of the pages.
//
//go:embed *.html
var Templates embed.FS
