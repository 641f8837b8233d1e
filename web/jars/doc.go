// Package jars is the pages of the jars that stand on the shelf: each lot with what made it,
// what has left it, and its labels.
package jars

import "embed"

// Templates are those of the pages.
//
//go:embed *.html
var Templates embed.FS
