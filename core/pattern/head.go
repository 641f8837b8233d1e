package pattern

import "regexp/syntax"

// heads are the bytes that a text may begin with so that an expression matches it.
type heads [256]bool

// headsOf returns them for an expression that only matches from the beginning of a
// text on, and takes something of it; nil for any other.
func headsOf(tree *syntax.Regexp) *heads {
	if !anchored(tree) {
		return nil
	}
	var out heads
	if out.add(tree) {
		return nil
	}
	return &out
}

// anchored reports whether every match begins where the text does.
func anchored(re *syntax.Regexp) bool {
	switch re.Op {
	case syntax.OpBeginText:
		return true
	case syntax.OpCapture, syntax.OpConcat, syntax.OpPlus:
		return anchored(re.Sub[0])
	case syntax.OpAlternate:
		for _, sub := range re.Sub {
			if !anchored(sub) {
				return false
			}
		}
		return true
	}
	return false
}

// add adds the bytes that a match may begin with, and reports whether one may be
// empty.
func (h *heads) add(re *syntax.Regexp) (empty bool) {
	switch re.Op {
	case syntax.OpLiteral:
		h.rune(re.Rune[0], re.Flags&syntax.FoldCase != 0)
		return false
	case syntax.OpCharClass:
		for i := 0; i < len(re.Rune); i += 2 {
			for r := re.Rune[i]; r <= re.Rune[i+1] && r < 0x80; r++ {
				h.rune(r, false)
			}
			if re.Rune[i+1] >= 0x80 {
				h.rune(0x80, false)
			}
		}
		return false
	case syntax.OpAnyChar, syntax.OpAnyCharNotNL:
		for i := range h {
			h[i] = true
		}
		return false
	case syntax.OpCapture:
		return h.add(re.Sub[0])
	case syntax.OpPlus:
		return h.add(re.Sub[0])
	case syntax.OpStar, syntax.OpQuest:
		h.add(re.Sub[0])
		return true
	case syntax.OpRepeat:
		return h.add(re.Sub[0]) || re.Min == 0
	case syntax.OpConcat:
		for _, sub := range re.Sub {
			if !h.add(sub) {
				return false
			}
		}
		return true
	case syntax.OpAlternate:
		for _, sub := range re.Sub {
			empty = h.add(sub) || empty
		}
		return empty
	}
	return true
}

// rune adds the byte that a letter begins with; beyond ASCII, and for a letter that
// folds, every byte from there.
func (h *heads) rune(r rune, fold bool) {
	if r >= 0x80 || fold {
		for i := 0x80; i < len(h); i++ {
			h[i] = true
		}
	}
	if r >= 0x80 {
		return
	}
	h[r] = true
	if letter := r | 0x20; fold && letter >= 'a' && letter <= 'z' {
		h[letter], h[letter&^0x20] = true, true
	}
}
