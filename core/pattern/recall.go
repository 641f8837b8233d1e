package pattern

import (
	"hash/maphash"
	"strings"
	"sync/atomic"
)

// A reading asks the same sentence many times: of each pattern its pairs of letters, and of
// one pattern the same question for every procedure that it is laid beside. What was found
// of the texts asked last is kept; a text that falls on the place of another takes it.

const (
	// texts is how many are kept, longest how many bytes one may have, and patterns how many
	// expressions have their answers kept: those made first, which are those of the code.
	texts, longest, patterns = 2048, 300, 512
)

// known is what was found of one text.
type known struct {
	Pairs
	asked, yes [patterns / 64]atomic.Uint64
}

var (
	kept    [texts]atomic.Pointer[known]
	seed    = maphash.MakeSeed()
	numbers atomic.Int64
)

// recall returns what is known of the text, nil for one that is too long to keep.
func recall(s string) *known {
	if len(s) > longest {
		return nil
	}
	place := &kept[maphash.String(seed, s)%texts]
	if k := place.Load(); k != nil && k.text == s {
		return k
	}
	k := &known{Pairs: PairsOf(strings.Clone(s))}
	place.Store(k)
	return k
}

// pairsOf returns the pairs of the text, from memory where they are kept.
func pairsOf(s string) *Pairs {
	if k := recall(s); k != nil {
		return &k.Pairs
	}
	in := PairsOf(s)
	return &in
}

// matches answers MatchString from memory, and keeps the answer.
func (p *Pattern) matches(s string) bool {
	k := recall(s)
	if k == nil || p.no >= patterns {
		return p.may(s) && p.exp().MatchString(s)
	}
	word, bit := p.no/64, uint64(1)<<(p.no%64)
	if k.asked[word].Load()&bit != 0 {
		return k.yes[word].Load()&bit != 0
	}
	yes := p.May(&k.Pairs) && p.exp().MatchString(s)
	if yes {
		k.yes[word].Or(bit)
	}
	k.asked[word].Or(bit)
	return yes
}
