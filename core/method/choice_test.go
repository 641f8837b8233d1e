package method

import (
	"testing"

	"github.com/stretchr/testify/assert"
)

// A choice never says that none of its words stands where one does.
func TestChoice(t *testing.T) {
	c := clause{t: make([]token, 3)}
	for i, w := range []string{"wipe", "the", "rim"} {
		c.t[i].Text, c.t[i].low = w, w
	}
	for _, test := range []struct {
		words []string
		may   bool
	}{
		{[]string{"rims"}, true}, {[]string{"wipes down", "polish"}, true}, {[]string{"the rim"}, true},
		{[]string{"cream", "butter"}, false}, {nil, false}, {[]string{""}, false},
		{[]string{"butter", "@jar"}, true}, {[]string{"feet"}, true}, {[]string{"½ inch"}, true},
	} {
		ch := choiceOf(test.words)
		assert.Equal(t, test.may, c.mayHold(&ch), "%q", test.words)
		if !test.may {
			assert.False(t, c.hasAny(test.words), "%q", test.words)
		}
	}
}
