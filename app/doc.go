// Package app is what pages and commands do, without HTTP and without HTML: it takes what is
// stored and what the core knows, and keeps the rules of who may change what.
package app
