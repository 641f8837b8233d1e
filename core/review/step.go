package review

import (
	"slices"

	"damson/core/recipe"
)

// step is one sentence at work.
type step struct {
	*recipe.Step
	// dropped are the acts that an edit took out.
	dropped []string
	gone    bool
	// refilled is set where an edit fills the jars as tested.
	refilled bool
}

func (s *step) did(tags ...string) bool {
	if s.gone {
		return false
	}
	for _, a := range s.Acts {
		if slices.Contains(tags, a.Tag) && !slices.Contains(s.dropped, a.Tag) {
			return true
		}
	}
	return false
}

// count returns how many acts of the tag the sentence has.
func (s *step) count(tag string) int {
	n := 0
	for _, a := range s.Acts {
		if a.Tag == tag {
			n++
		}
	}
	return n
}

func (s *step) actText(tag string) string {
	for _, a := range s.Acts {
		if a.Tag == tag {
			return a.Text
		}
	}
	return ""
}
