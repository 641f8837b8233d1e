// Package store keeps the kitchen's own data in SQLite: its recipes, its
// canners and what it chose. It is the only package that knows SQL; no GORM
// type leaves it.
//
// A write that returned is on disk: the journal is a write-ahead log and every
// commit is synced.
package store
