package recipe_test

import (
	"bytes"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/recipe"
)

func open(t *testing.T, name, text string) *recipe.Document {
	t.Helper()
	d, err := recipe.Open(name, []byte(text))
	require.NoError(t, err)
	return d
}

func read(t *testing.T, text string) *recipe.Recipe {
	t.Helper()
	rec, err := reader.Text(text)
	require.NoError(t, err)
	return rec
}

// kinds returns the foods of the ingredient lines, the steps and the notes.
func kinds(rec *recipe.Recipe) (foods, steps, notes []string) {
	for _, l := range rec.Lines {
		switch l.Kind {
		case recipe.Ingredient:
			foods = append(foods, l.Food)
		case recipe.Note:
			notes = append(notes, l.Text)
		}
	}
	for _, s := range rec.Steps {
		steps = append(steps, s.Text)
	}
	return foods, steps, notes
}

const webPaste = `Jump to Recipe
Plums in Light Syrup
By Perpetua Lindqvist
★★★★★ 4.8 from 31 votes
Posted on 3 September
Every fall I look forward to this. My family asks for it all winter long.
Prep Time: 20 minutes
Cook time: 1 hour
Servings: 6
Ingredients
1x 2x 3x
5 lb plums, halved
6 cups water
1 cup sugar
Instructions
Heat the plums in the syrup.
Pack hot into pints and process 20 minutes in a water bath.
Keyword: plums, canning
Calories: 120
Leave a comment
https://example.org/plums`

func TestChatterIsDropped(t *testing.T) {
	rec := read(t, webPaste)
	foods, steps, notes := kinds(rec)
	require.Equal(t, "Plums in Light Syrup", rec.Title)
	require.Equal(t, []string{"plum", "water", "sugar"}, foods)
	require.Len(t, steps, 2)
	require.Len(t, notes, 13, strings.Join(notes, "\n"))
	require.Len(t, rec.Stated.Minutes, 1, "a page's cook time is no process time")
	require.Equal(t, 20.0, rec.Stated.Minutes[0].Minutes)
}

// What the chatter says of the jar is no chatter.
func TestNothingHarmfulIsDropped(t *testing.T) {
	for _, s := range []string{
		"I always stir in a cup of cream at the end.", "We thicken it with flour.", "I always stir in some snurfle.", "I process mine 5 minutes.", "Grandma turned the jars upside down.",
		"Save 2 cups of cream for the pot.", "Print this: add the bacon.", "Share it with butter stirred in.", "By the way, blend it first.",
	} {
		rec := read(t, "Plums\n"+s+"\nIngredients\n5 lb plums\nwater\nMethod\nPack hot in pints.")
		foods, steps, notes := kinds(rec)
		require.Empty(t, notes, s)
		require.Len(t, append(foods, steps...), 4, s)
	}
}

// A line among the ingredients that begins like a button is kept where it may
// name a food, known or not.
func TestButtonsAmongIngredients(t *testing.T) {
	for s, kept := range map[string]bool{
		"Print": false, "Share": false, "Pin it": false, "Save recipe": false, "Rate this recipe": false, "Jump to video": false, "https://example.org/cream": false, "★★★★★": false, "1x 2x 3x": false,
		"Share the snurfle between the jars, 1 cup of it": true, "Scale: 2 cups wozzle": true, "Print 1 cup snurfle": true, "Follow with a good spoon of the paste that my aunt sends": true, "Image of cream": true, "Save the butter": true,
		"By the cup, snurfle": true, "Share snurfle": true, "Cook time: 20 minutes": false, "Cook time: 20 minutes, adding the cream": true, "Ready in 20 minutes, stir in the snurfle": true, "Keywords: plums, cream": false,
	} {
		rec := read(t, "Plums\nIngredients\n5 lb plums\n"+s+"\n6 cups water\nMethod\nPack hot.")
		_, _, notes := kinds(rec)
		require.Equal(t, kept, len(notes) == 0, s)
	}
}

func TestSeveralRecipesInOneFile(t *testing.T) {
	d := open(t, "", "Plums\n5 lb plums\n6 cups water\nPack hot.\n-----\nPears\n\nIngredients\n4 lb pears\n5 cups water\n\f\nBeans\nIngredients\n3 lb green beans\n")
	require.Len(t, d.Texts, 3)
	require.Equal(t, []int{1, 6, 12}, d.Lines)
	require.Equal(t, "Pears", read(t, d.Texts[1]).Title)
	second, err := reader.TextFrom(6, d.Texts[1])
	require.NoError(t, err)
	require.Equal(t, 9, second.Lines[1].No, "lines are counted through the file")
	// What may be a part of the recipe stays in it.
	for _, part := range []string{"Topping\n2 cups cream\n1 cup flour", "1. Heat.\n2. Pack.", "For the sauce:\n2 cups cream\n1 cup flour", "2 cups cream\n1 cup flour"} {
		d = open(t, "", "Plums\n5 lb plums\n6 cups water\nPack hot.\n-----\n"+part+"\n")
		require.Len(t, d.Texts, 1, part)
	}
	// A rule under a title, or between ingredients and method, parts nothing.
	d = open(t, "", "Plums\n=====\n5 lb plums\n6 cups water\n---\nHeat and pack hot in pints.")
	require.Len(t, d.Texts, 1)
	foods, steps, _ := kinds(read(t, d.Texts[0]))
	require.Equal(t, []string{"plum", "water"}, foods)
	require.Len(t, steps, 1)
}

func TestHTML(t *testing.T) {
	ld := `<html><head><script type="application/ld+json">{"@type":"Recipe","name":"Plums","recipeIngredient":["5 lb plums","6 cups water"],"recipeInstructions":"Pack hot."}</script></head><body><p>My life story</p></body></html>`
	micro := `<div itemscope itemtype="https://schema.org/Recipe"><h1 itemprop="name">Plums</h1><ul><li itemprop="recipeIngredient">5 lb <b>plums</b></li><li itemprop='recipeIngredient'>6 cups&nbsp;water</li></ul><div itemprop="recipeInstructions"><p>Heat them.</p><p>Pack hot.</p></div></div>`
	plain := `<!doctype html><body><nav>Home About</nav><h1>Plums</h1><script>alert("2 cups cream")</script><h2>Ingredients</h2><ul><li>5 lb plums<li>6 cups water</ul><h2>Method</h2><p>Pack hot.</p><footer>1 cup ads</footer></body>`
	for name, page := range map[string]string{"json-ld": ld, "microdata": micro, "words": plain} {
		d := open(t, "page.html", page)
		require.Equal(t, recipe.FormatHTML, d.Format, name)
		require.Len(t, d.Texts, 1, name)
		rec := read(t, d.Texts[0])
		foods, steps, _ := kinds(rec)
		require.Equal(t, "Plums", rec.Title, name)
		require.Equal(t, []string{"plum", "water"}, foods, name)
		require.Equal(t, "Pack hot.", steps[len(steps)-1], name)
		require.NotContains(t, d.Texts[0], "alert", name)
	}
	// What may belong to the recipe is never dropped with the page's furniture.
	d := open(t, "", "<html><body><article><h1>Plums</h1><aside><ul><li>5 lb plums<li>2 cups cream</ul></aside><form><p>1 cup butter</p></form><footer>Stir in the milk.</footer></article><footer>Privacy</footer></body></html>")
	for _, kept := range []string{"cream", "butter", "milk"} {
		require.Contains(t, d.Texts[0], kept)
	}
	require.NotContains(t, d.Texts[0], "Privacy")
	deep := strings.Repeat("<div itemprop=recipeInstructions>", 20_000) + "1 cup water"
	_, err := recipe.Open("x.html", []byte("<html>"+deep))
	require.Error(t, err, "deep nesting is refused, not followed without end")
	for _, bad := range []string{"<html><body></body></html>", "<script>x", "<html><script type=\"application/ld+json\">{broken", "<html><nav>5 cups water</nav>"} {
		_, err := recipe.Open("x.html", []byte(bad))
		require.Error(t, err, bad)
	}
}

func TestCSV(t *testing.T) {
	for _, text := range []string{
		"amount,unit,ingredient,prep\n5,lb,plums,halved\n6,cups,water,\n",
		"Qty;Unit;Item;Notes\n5;lb;plums;halved\n6;cups;water;\n",
		"\uFEFFIngredient\tAmount\tUnit\nplums\t5\tlb\nwater\t6\tcups\n",
		"text\n\"5 lb plums, halved\"\n6 cups water\n",
	} {
		d := open(t, "list.csv", text)
		require.Equal(t, recipe.FormatCSV, d.Format)
		foods, _, _ := kinds(read(t, d.Texts[0]))
		require.Equal(t, []string{"plum", "water"}, foods, text)
	}
	_, err := recipe.Open("list.csv", []byte("colour,size\nred,big\n"))
	require.ErrorContains(t, err, "line 1: the table has the columns colour, size")
	_, err = recipe.Open("list.csv", []byte("amount,ingredient\n"))
	require.ErrorContains(t, err, "no ingredients")
}

func TestOpenRefuses(t *testing.T) {
	for text, want := range map[string]string{
		"":                               recipe.ErrEmpty.Error(),
		" \n\t ":                         recipe.ErrEmpty.Error(),
		"\x00\x01\x02PNG":                recipe.ErrBinary.Error(),
		"\xff\xfe\x00":                   recipe.ErrBinary.Error(),
		strings.Repeat("x", 20<<20):      recipe.ErrLarge.Error(),
		strings.Repeat("1 cup x\n", 5e3): recipe.ErrLong.Error(),
		`{"@type":"Person"}`:             "no schema.org Recipe",
		`{"@type":`:                      "not valid JSON",
		`{"@type":"Recipe","recipeIngredient":[[[[[[[[[[["x"]]]]]]]]]]],"name":7}`: "no schema.org Recipe",
	} {
		_, err := recipe.Open("", []byte(text))
		require.ErrorContains(t, err, want)
	}
}

const whole = `# Dilly beans

## Ingredients

- 4 lb green beans, trimmed
- 8 heads dill

### For the brine

- 4 cups white vinegar (5%)
- 4 cups water
- 1/2 cup canning salt

## Method

1. Boil the brine. Pack the beans in pints.
2. Pour the hot brine over and process 5 minutes in a water bath.
`

// What is written reads back the same, whatever the format.
func TestWritesReadBack(t *testing.T) {
	rec := read(t, whole)
	foods, steps, _ := kinds(rec)
	require.Len(t, foods, 5)
	for format, write := range map[string]func(*recipe.Recipe, *bytes.Buffer) error{
		"x.json": func(r *recipe.Recipe, b *bytes.Buffer) error { return recipe.WriteJSONLD(b, r) },
		"x.md":   func(r *recipe.Recipe, b *bytes.Buffer) error { return r.WriteMarkdown(b) },
		"x.csv":  func(r *recipe.Recipe, b *bytes.Buffer) error { return r.WriteCSV(b) },
	} {
		var b bytes.Buffer
		require.NoError(t, write(rec, &b), format)
		d := open(t, format, b.String())
		require.Len(t, d.Texts, 1, format)
		back := read(t, d.Texts[0])
		gotFoods, gotSteps, _ := kinds(back)
		require.Equal(t, rec.Title, back.Title, format)
		require.Equal(t, foods, gotFoods, format)
		require.Equal(t, steps, gotSteps, format)
		for i, l := range ingredients(rec) {
			m := ingredients(back)[i]
			require.Equal(t, l.Amount(), m.Amount(), format)
			require.Equal(t, l.Prep, m.Prep, format)
			require.Equal(t, l.Acidity, m.Acidity, format)
		}
	}
}

// Several recipes written as one file read back as several.
func TestWritesSeveral(t *testing.T) {
	rec := read(t, whole)
	for _, format := range []string{recipe.FormatJSONLD, recipe.FormatMarkdown} {
		var b bytes.Buffer
		require.NoError(t, recipe.Write(&b, format, rec, rec, rec))
		require.Len(t, open(t, "x", b.String()).Texts, 3, format)
	}
}

func ingredients(rec *recipe.Recipe) []*recipe.Line {
	var out []*recipe.Line
	for _, l := range rec.Lines {
		if l.Kind == recipe.Ingredient {
			out = append(out, l)
		}
	}
	return out
}

func FuzzOpen(f *testing.F) {
	for _, s := range []string{webPaste, whole, "amount,ingredient\n1,x\n", "<html><li itemprop=name>x", `{"@graph":[{"@type":"Recipe","name":[1,{}]}]}`, "<script type=ld+json>{}</script>", "a\n---\nb", "<a <b>>", "text;\"\n;", "</", "<!--"} {
		f.Add(s, "x.csv")
		f.Add(s, "x")
	}
	f.Fuzz(func(t *testing.T, s, name string) {
		d, err := recipe.Open(name, []byte(s))
		if err != nil {
			return
		}
		for _, text := range d.Texts {
			rec, err := reader.Text(text)
			if err != nil {
				continue
			}
			var b bytes.Buffer
			require.NoError(t, recipe.WriteJSONLD(&b, rec))
			require.NoError(t, rec.WriteMarkdown(&b))
			require.NoError(t, rec.WriteCSV(&b))
		}
	})
}

// The source of a mail, pasted, is read as its words; any other text stays as typed.
func TestPasted(t *testing.T) {
	mail := "From: Ada <ada@example.org>\nMIME-Version: 1.0\nContent-Type: text/plain; charset=utf-8\nContent-Transfer-Encoding: quoted-printable\nSubject: plums\n\n=C2=BD cup sugar\n5 lb plums, halved and pit=\nted\n"
	got := recipe.Pasted(mail)
	require.Contains(t, got, "½ cup sugar")
	require.Contains(t, got, "halved and pitted")
	for _, s := range []string{"Plums\n\n5 lb plums", "From: Ada\n\nhello", "=C2=BD cup sugar"} {
		require.Equal(t, s, recipe.Pasted(s))
	}
}

// A handout of two recipes is two, what is said above them is said of each, and the parts
// of one recipe stay together.
func TestHandouts(t *testing.T) {
	one := "%s\n\n4 lb plums\n6 cups water\n2 cups sugar\n\nBoil. Fill hot pints, 1/2 inch headspace.\nProcess 20 minutes in a water bath.\n\n"
	two := "PICKLE NIGHT\nBoth keep a year.\n\n" + "## Plums in syrup\n" + one[2:] + "## Pears in syrup\n" + strings.ReplaceAll(one[2:], "plums", "pears")
	d, err := recipe.Open("a.md", []byte(two))
	require.NoError(t, err)
	require.Len(t, d.Texts, 2)
	require.Contains(t, d.Texts[0], "Both keep a year.")
	require.Contains(t, d.Texts[1], "Both keep a year.")
	for _, text := range []string{
		"# Beans\n\n## Ingredients\n4 lb beans\n2 cups water\n1 tsp salt\n\n## Method\nPack raw. Process 20 minutes in a canner.\n",
		"# Beans\n\n4 lb beans\n2 cups water\n1 tsp salt\n\nPack raw. Process 20 minutes in a canner.\n\n## For the table\n2 cups cream\n1 cup butter\n3 eggs\n\nStir in when you open it.\n",
	} {
		d, err := recipe.Open("a.md", []byte(text))
		require.NoError(t, err)
		require.Len(t, d.Texts, 1, text)
	}
}
