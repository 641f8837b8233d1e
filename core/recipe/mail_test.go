package recipe_test

import (
	"encoding/base64"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/recipe"
)

// How a mail is coded: RFC 2045 (quoted-printable, base64), RFC 2046 (parts), RFC
// 2047 (words in headers), from memory.
func TestMail(t *testing.T) {
	head := "From: Nell <nell@example.org>\r\nSubject: =?utf-8?q?Fwd=3A_Plums?=\r\nMIME-Version: 1.0\r\n"
	body := "Dear Ada,\n\n4 lb plums\n=C2=BD tsp salt, a long line that is folded he=\nre\n"
	encoded := base64.StdEncoding.EncodeToString([]byte("4 lb plums\n½ tsp salt\n"))
	for name, mail := range map[string]string{
		"quoted": head + "Content-Type: text/plain; charset=utf-8\r\nContent-Transfer-Encoding: quoted-printable\r\n\r\n" + body,
		"base64": head + "Content-Type: text/plain; charset=utf-8\r\nContent-Transfer-Encoding: base64\r\n\r\n" + encoded,
		"parts":  head + "Content-Type: multipart/alternative; boundary=\"xx\"\r\n\r\n--xx\r\nContent-Type: text/html\r\n\r\n<p>4 lb plums</p>\r\n--xx\r\nContent-Type: text/plain\r\n\r\n4 lb plums\r\n½ tsp salt\r\n--xx--\r\n",
		"page":   head + "Content-Type: multipart/alternative; boundary=xx\r\n\r\n--xx\r\nContent-Type: text/html; charset=utf-8\r\n\r\n<p>4 lb plums</p><p>½ tsp salt</p>\r\n--xx--\r\n",
	} {
		doc, err := recipe.Open("a.eml", []byte(mail))
		require.NoError(t, err, name)
		require.Len(t, doc.Texts, 1)
		assert.Equal(t, recipe.FormatMail, doc.Format)
		rec, err := reader.Text(doc.Texts[0])
		require.NoError(t, err)
		assert.Equal(t, "Plums", rec.Title, name)
		var foods []string
		for _, l := range rec.Lines {
			if l.Kind == recipe.Ingredient {
				foods = append(foods, l.FoodID)
			}
		}
		assert.Equal(t, []string{"plum", "salt"}, foods, "%s: %s", name, doc.Texts[0])
	}
	_, err := recipe.Open("a.eml", []byte(head+"Content-Type: image/png\r\n\r\nxx"))
	assert.Error(t, err)
}

// A sheet may name its table, state the process beside it, and hold its steps in a
// second table.
func TestSheet(t *testing.T) {
	doc, err := recipe.Open("s.tsv", []byte("Beets, hot pack\t\t\t\n#\tZutat/Ingredient\tAmount\tUnit\n1\tbeets\t7\tlb\n2\tsalt\t2\ttsp\n\nHeadspace (in)\t1\t\t\nJar\tquart\t\t\nNo\tWhat to do\tMinutes\tRemark\n1\tboil the beets\t20\tskins on\n2\tslip the skins\t\t\n"))
	require.NoError(t, err)
	rec, err := reader.Text(doc.Texts[0])
	require.NoError(t, err)
	r := reader.Reading("s.tsv", rec)
	assert.Equal(t, "Beets, hot pack", r.Title)
	require.Len(t, r.Ingredients, 2)
	assert.Equal(t, "beet", r.Ingredients[0].FoodID)
	require.NotNil(t, r.Headspace)
	assert.EqualValues(t, 1, *r.Headspace)
	require.NotNil(t, r.Jar)
	assert.EqualValues(t, "quart", *r.Jar)
	boiled := false
	for _, a := range r.Acts {
		boiled = boiled || a.Act == "boil" && a.Minutes != nil && *a.Minutes == 20
	}
	assert.True(t, boiled, "%v", r.Acts)
}

// Pages often get their JSON wrong; what a reader sees besides counts as well.
func TestForgivingPage(t *testing.T) {
	page := "<html><head><script type='application/ld+json'>\n/* theme */\n{\"@type\":\"recipe\", \"name\":\"Beans\",\n \"recipeIngredient\":[\"4 lb green beans\",\"water\",], // the list\n \"recipeInstructions\":\"Pack raw.\nProcess.\",}</script></head><body><nav>Bread and cheese recipes for everyone</nav><p>Stir a cup of cream into the pot before filling.</p><div class='comments'><p>I put half a cup of flour in mine.</p></div></body></html>"
	doc, err := recipe.Open("p.html", []byte(page))
	require.NoError(t, err)
	require.Len(t, doc.Texts, 1)
	assert.Contains(t, doc.Texts[0], "4 lb green beans")
	assert.Contains(t, doc.Texts[0], "cup of cream")
	assert.NotContains(t, doc.Texts[0], "flour")
	assert.NotContains(t, doc.Texts[0], "cheese")
}

// What a line is hangs on what stands around it.
func TestPage(t *testing.T) {
	for text, want := range map[string]struct {
		title string
		notes []string
	}{
		"Pears\n\nBud,\n\n4 lb pears\n\nCheers,\nFern":                    {"Pears", []string{"Bud,", "Cheers,", "Fern"}},
		"Jess: 4 lb pears\nJess: that's it?\nMum: wash your hands love":   {"", []string{}},
		"Pears. A small batch.\n4 lb pears":                               {"Pears", []string{}},
		"1. SCOPE\nOne load.\n\n2. MATERIALS\n4 lb pears\n2 tsp salt":     {"SCOPE", []string{}},
		"Pears\n4 lb pears\n- that's it\n11 lb on the dial\nsage: none":   {"Pears", []string{}},
		"Pears\n20 lb pears = 7 quarts\nSalt 1 Tbsp, dried thyme 2 tsp\n": {"Pears", []string{}},
	} {
		rec, err := reader.Text(text)
		require.NoError(t, err)
		for _, l := range rec.Lines {
			if l.Kind == recipe.Ingredient {
				assert.NotEmpty(t, l.FoodID, "%q is no ingredient of %q", l.Text, text)
				assert.Empty(t, l.Unread, "%q of %q", l.Text, text)
			}
		}
		var notes []string
		for _, l := range rec.Lines {
			if l.Kind == recipe.Note {
				notes = append(notes, l.Text)
			}
		}
		for _, n := range want.notes {
			assert.Contains(t, notes, n, text)
		}
	}
}
