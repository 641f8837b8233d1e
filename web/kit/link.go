package kit

import "damson/core/quantity"

// Fact is a fact with its name.
type Fact struct{ Name, Value string }

// Link leads to something, with a note.
type Link struct{ Href, Title, Note string }

// JarPlural names jars of a size.
func JarPlural(j string) string { return quantity.Jar(j).Plural() }
