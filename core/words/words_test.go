package words

import (
	"testing"

	"github.com/stretchr/testify/require"
)

func TestFold(t *testing.T) {
	for in, want := range map[string]string{"Tomatoes": "tomato", "berries": "berry", "Jalapeños": "jalapeno", "leaves": "leaf", "peaches": "peach",
		"molasses": "molasses", "LBS": "lb", "Grandma's": "grandma", "purée": "puree", "asparagus": "asparagus", "peas": "pea", "glass": "glass"} {
		require.Equal(t, want, Fold(in), in)
	}
}

func TestSplit(t *testing.T) {
	var got []string
	for _, tok := range Split("1½ cups sun-dried tomatoes (2–3 oz)") {
		got = append(got, tok.Text)
	}
	require.Equal(t, []string{"1", "½", "cup", "sun", "-", "dried", "tomato", "(", "2", "-", "3", "oz", ")"}, got)
	for _, tok := range Split("5,240 ft, 1/0, 1e999") {
		require.NotEmpty(t, tok.Text)
	}
}

// A word spelled out, or with marks that cannot be seen, is the word.
func TestSplitSpelled(t *testing.T) {
	for _, s := range []string{"c r e a m", "c-r-e-a-m", "c\u200bream", "cre\u0301am", "C R E A M"} {
		got := Split(s + ", 2 c")
		require.Equal(t, "cream", got[0].Text, s)
		require.Len(t, got, 4, s)
	}
	for s, n := range map[string]int{"2 c a cup": 4, "I c 2": 3, "a.m.": 4, "l'été": 1, "a b": 2} {
		require.Len(t, Split(s), n, s)
	}
}
