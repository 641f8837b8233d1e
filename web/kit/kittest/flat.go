// Package kittest reads pages in tests, and has a kitchen for them.
package kittest

import "regexp"

var broken = regexp.MustCompile(`\n {2,}`)

// Flat is a page with lines that go on in the next put together again: where a template breaks its lines is
// nobody's business.
func Flat(page string) string { return broken.ReplaceAllString(page, " ") }
