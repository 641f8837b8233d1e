package pattern

import (
	"math/bits"
	"strings"
	"sync"
)

// Set are up to 128 expressions that are asked of the same texts, one behind the
// other: which of them a text may match at all is found at once.
type Set struct {
	list []*Pattern
	// by holds, for each pair of letters, the expressions that it may be a sign of;
	// always those without a sign.
	by     [2048]members
	always members
	once   sync.Once
}

type members [2]uint64

// NewSet returns the set of the expressions, in their order.
func NewSet(list ...*Pattern) *Set {
	if len(list) > 128 {
		panic("pattern: more than 128 expressions in a set")
	}
	return &Set{list: list}
}

// made sorts the expressions by their signs, when a text is first asked about.
func (s *Set) made() {
	for i, p := range s.list {
		signs := p.signs()
		if len(signs) == 0 {
			s.always[i>>6] |= 1 << (i & 63)
		}
		for _, k := range signs {
			s.by[k][i>>6] |= 1 << (i & 63)
		}
	}
}

// Each calls do for every expression, in their order, that the text may match. What
// do returns is the text from there on.
func (s *Set) Each(text string, do func(i int, text string) string) string {
	in := pairsOf(text)
	may := s.may(in)
	for i, p := range s.list {
		if may[i>>6]&(1<<(i&63)) == 0 || !p.May(in) {
			continue
		}
		if changed := do(i, text); changed != text {
			text, in = changed, pairsOf(changed)
			may = s.may(in)
		}
	}
	return text
}

func (s *Set) may(in *Pairs) members {
	s.once.Do(s.made)
	if in.odd {
		return members{1<<64 - 1, 1<<64 - 1}
	}
	may := s.always
	for w, set := range in.two {
		for ; set != 0; set &= set - 1 {
			m := &s.by[w<<6+bits.TrailingZeros64(set)]
			may[0] |= m[0]
			may[1] |= m[1]
		}
	}
	return may
}

// signs are pairs of letters one of which every match holds, nil where there are
// none.
func (p *Pattern) signs() []uint16 {
	if len(p.made().need) == 0 {
		return nil
	}
	var out []uint16
	for _, literal := range p.need[0] {
		if len(literal) < 2 {
			return nil
		}
		best := 0
		for i := 1; i+1 < len(literal) && strings.Contains(common, literal[best:best+2]); i++ {
			best = i
		}
		out = append(out, pair(literal[best], literal[best+1]))
	}
	return out
}

// common are pairs of letters that most lines hold (common practice, no source).
const common = "th he in er an re nd on en at ou ed ha to or it is hi es ng te ti ar st nt al se le co de ra ro li ri io ea ic el la e  t s  d "
