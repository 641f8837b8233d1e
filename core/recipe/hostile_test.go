package recipe_test

import (
	"fmt"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/recipe"
)

// What decorates a line is no part of it: bullets, boxes, emoji, marks of
// direction, blanks of every width.
func TestDecoratedLines(t *testing.T) {
	for _, text := range []string{
		"🍅 2 cups tomatoes", "✅ 2 cups tomatoes", "• 2 cups tomatoes", "▢ 2 cups tomatoes", "☐ 2 cups tomatoes", "- [ ] 2 cups tomatoes", "* 2 cups tomatoes",
		"1) 2 cups tomatoes", "3. 2 cups tomatoes", "– 2 cups tomatoes", "2\u00a0cups\u00a0tomatoes", "\u202a2 cups tomatoes\u202c", "\u200b2 cups tomatoes", "   2   cups   tomatoes   ",
		"2\tcups\ttomatoes", "２ cups tomatoes", "**2 cups tomatoes**", "➤ 2 cups tomatoes", "◦ 2 cups tomatoes", "[x] 2 cups tomatoes", "> 2 cups tomatoes",
	} {
		l := reader.Line(1, text)
		if !assertTomatoes(l) {
			t.Errorf("%q: %s, %s %v", text, l.Food, l.Reading, l.Amount())
		}
	}
}

func assertTomatoes(l *recipe.Line) bool {
	return l.AmountMin != nil && *l.AmountMin == 2 && l.Unit == "cup" && l.Food == "tomato" && l.Reading == recipe.Understood
}

// Text in another script is kept as it is and known to nobody; it never passes
// for a food.
func TestOtherScripts(t *testing.T) {
	for _, text := range []string{"שתי כוסות סוכר", "كوب سكر", "2 стакана сахара", "砂糖 2カップ", "η ζάχαρη"} {
		l := reader.Line(1, text)
		require.Nil(t, l.Ref, text)
		require.Equal(t, text, l.Text)
		rec := read(t, "Plums\n5 lb plums\n"+text+"\n6 cups water")
		require.Len(t, rec.Lines, 3, text)
	}
}

// JSON that nests itself or lies about its types is read as far as it is a
// recipe, or refused; it never runs away.
func TestLyingJSON(t *testing.T) {
	deep := strings.Repeat(`{"@graph":[`, 5000) + strings.Repeat(`]}`, 5000)
	for text, lines := range map[string]int{
		`{"@type":["Thing","Recipe"],"name":"Plums","recipeIngredient":["5 lb plums","6 cups water"]}`:                2,
		`{"@graph":[{"@type":"WebPage"},{"@type":"Recipe","name":"Plums","recipeIngredient":["5 lb plums"]}]}`:        1,
		`{"@type":"Recipe","name":{"@value":"Plums"},"recipeIngredient":"5 lb plums"}`:                                1,
		`{"@type":"Recipe","name":"Plums","recipeIngredient":["5 lb plums",7,null,true,{"name":"6 cups water"}]}`:     1,
		`{"@type":"Recipe","name":"Plums","recipeIngredient":["5 lb plums"],"recipeInstructions":{"text":["Boil."]}}`: 1,
		`{"@type":"Recipe","name":"Plums","recipeIngredient":["<b>5 lb</b> plums<script>alert(1)</script>"]}`:         1,
	} {
		d, err := recipe.Open("x.json", []byte(text))
		require.NoError(t, err, text)
		require.Len(t, d.Texts, 1)
		require.NotContains(t, d.Texts[0], "<script", text)
		foods, _, _ := kinds(read(t, d.Texts[0]))
		require.GreaterOrEqual(t, len(foods), lines, text)
		require.Equal(t, "plum", foods[0], text)
	}
	for _, text := range []string{deep, `{"@type":"Recipe"}`, `[]`, `{"@type":5}`, `{"a":{"b":{"c":1}}}`, `[[[[[[]]]]]]`, `{"@type":"Recipe","recipeIngredient":[]}`} {
		_, err := recipe.Open("x.json", []byte(text))
		require.Error(t, err, text[:min(len(text), 60)])
	}
}

// Control characters neither pass for words nor vanish with their line.
func TestControlCharacters(t *testing.T) {
	l := reader.Line(1, "2 cups\x07 tomatoes\x00")
	require.Equal(t, "tomato", l.Food)
	require.NotEqual(t, recipe.Understood, reader.Line(1, "2 cups tomatoes\x1b[31m").Reading, "the rest of an escape sequence is asked about")
	_, err := recipe.Open("x", []byte(strings.Repeat("\x01", 40)+"plums"))
	require.ErrorIs(t, err, recipe.ErrBinary)
}

// A recipe of the largest size is read; one line more is refused, and the
// message says the way out.
func TestSizes(t *testing.T) {
	var b strings.Builder
	for i := range recipe.MaxLines - 1 {
		fmt.Fprintf(&b, "%d cups plums\n", i+1)
	}
	_, err := recipe.Open("x", []byte("Plums\n"+strings.TrimSpace(b.String())))
	require.NoError(t, err)
	_, err = recipe.Open("x", []byte("Plums\n"+b.String()+"1 cup water\n"))
	require.ErrorIs(t, err, recipe.ErrLong)
	require.ErrorContains(t, err, "one recipe at a time")
	_, err = recipe.Open("x", make([]byte, recipe.MaxBytes+1))
	require.ErrorIs(t, err, recipe.ErrLarge)
	long := reader.Line(1, "2 cups "+strings.Repeat("very ", 20_000)+"ripe tomatoes")
	require.Equal(t, 2.0, *long.AmountMin)
}
