// Package recall keeps what was found of the texts asked last. Reading asks the same sentence many times:
// as it may be method, as it is, and behind the process once more; again for each letter that somebody
// types, for the proof of each change, for a look at each procedure. What is kept is only ever what would
// be found anew: it must hang on the key and on nothing else.
package recall

import (
	"hash/maphash"
	"strings"
	"sync/atomic"
)

// Memory keeps values by key in a table of fixed size; a key that falls on the place of another takes it.
// Many may ask at once. What it returns is shared: nobody may change it.
type Memory[K comparable, V any] struct {
	seed  maphash.Seed
	table []atomic.Pointer[entry[K, V]]
}

type entry[K comparable, V any] struct {
	key   K
	value V
}

// New returns a memory for as many values.
func New[K comparable, V any](size int) *Memory[K, V] {
	return &Memory[K, V]{seed: maphash.MakeSeed(), table: make([]atomic.Pointer[entry[K, V]], size)}
}

// Load returns what is kept under the key.
func (m *Memory[K, V]) Load(key K) (value V, ok bool) {
	if e := m.place(key).Load(); e != nil && e.key == key {
		return e.value, true
	}
	return value, false
}

// Store keeps the value under the key. The key keeps the text that it is cut from: clone what is short.
func (m *Memory[K, V]) Store(key K, value V) {
	m.place(key).Store(&entry[K, V]{key, value})
}

func (m *Memory[K, V]) place(key K) *atomic.Pointer[entry[K, V]] {
	return &m.table[maphash.Comparable(m.seed, key)%uint64(len(m.table))]
}

// Longest is how many bytes a text may have that is kept.
const Longest = 400

// Of returns what find says of the text, as it is kept; it keeps what was not. A long text is not kept.
func Of[V any](m *Memory[string, V], text string, find func(string) V) V {
	if len(text) > Longest {
		return find(text)
	}
	value, ok := m.Load(text)
	if !ok {
		text = strings.Clone(text) // what is kept holds on to nothing around it
		value = find(text)
		m.Store(text, value)
	}
	return value
}
