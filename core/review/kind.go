package review

import "damson/core/pattern"

// kinds maps words of a title to the kind of product that no edit may change.
var kinds = []struct {
	kind  string
	words []string
}{
	{"pie-filling", []string{"mincemeat", "pie filling", "cobbler filling", "pie in a jar", "pie in jar", "pie jar"}},
	{"paste", []string{"pesto", "hummus", "dip", "tapenade", "pate", "chimichurri", "confit", "guacamole",
		"in oil", "in olive oil", "under oil", "infused oil"}},
	{"curd", []string{"curd"}},
	{"specialty", []string{"zucchini pineapple", "mock pineapple", "apple ring"}},
	{"ferment", []string{"sauerkraut", "kraut", "kimchi", "fermented", "crock pickle"}},
	{"salsa", []string{"salsa", "pico de gallo"}},
	{"chili", []string{"chile con carne", "chili con carne"}},
	{"sauced-beans", []string{"baked bean", "bean in tomato sauce", "bean with tomato sauce",
		"bean in molasses sauce", "bean with molasses sauce", "dried with tomato sauce", "dried with molasses sauce"}},
	{"cream-corn", []string{"cream style", "cream corn", "creamed corn"}},
	{"relish", []string{"relish", "chutney", "chow chow", "piccalilli", "mostarda"}},
	{"soup", []string{"soup", "stew", "chowder", "gumbo", "minestrone", "bisque", "dal", "dhal", "borscht",
		"casserole", "meal in a jar", "goulash", "ragout", "potage", "hotpot", "hot pot", "pot pie", "chili", "curry",
		"jambalaya", "cassoulet", "tagine", "pozole", "ramen", "noodle", "pho", "stroganoff", "broth with", "dinner",
		"supper", "hash", "soup base", "stew base"}},
	{"stock", []string{"stock", "broth", "bone broth"}},
	{"pickle", []string{"bread and butter", "pickle", "pickled", "dilly", "dilled", "marinated", "in vinegar",
		"escabeche", "giardiniera"}},
	{"jam", []string{"jam", "jelly", "preserve", "marmalade", "conserve"}},
	{"ketchup", []string{"ketchup", "catsup"}},
	{"sauce", []string{"sauce", "gravy", "marinara", "ragu", "sugo", "passata", "applesauce"}},
	{"spread", []string{"butter", "spread"}},
	{"syrup", []string{"berry syrup", "fruit syrup", "blueberry syrup", "raspberry syrup", "strawberry syrup",
		"blackberry syrup"}},
	{"puree", []string{"puree", "mash", "mashed", "baby food", "refried"}},
	{"juice", []string{"juice", "nectar", "cider", "cordial", "shrub", "lemonade"}},
	{"mixed", []string{"mixed vegetable", "mixed veg", "vegetable mix", "succotash", "ratatouille", "caponata",
		"tomato with okra", "tomato and okra", "tomato with zucchini", "tomato and zucchini", "okra and tomato"}},
}

// kindMeant is the kind of product that the title names, as far as the foods bear it out.
func (e *Reviewer) kindMeant(d *draft) string {
	switch {
	case d.kind == "paste" && titleHas(d.folded, "in oil", "in olive oil", "under oil") && d.hasVinegar():
		return "pickle" // a marinade of vinegar and oil; what no procedure has of it is judged
	case d.kind == "soup" && !titleHas(d.folded, truly...) && !e.mixture(d):
		return "" // "my husband's chili beans": what a dish is made of is no dish yet
	}
	return d.kind
}

// truly are words for a soup, whatever it is made of; other words for a dish are of what a jar is for, where it
// holds one food.
var truly = []string{"soup", "stew", "chowder", "bisque", "gumbo", "minestrone", "dal", "dhal", "borscht", "ragout",
	"potage", "pozole", "pho", "goulash", "cassoulet", "broth with"}

// grownFor is a product before the food that it is made of: "hummus bean", "stew meat".
var grownFor = pattern.MustCompile(`\b(hummus|dip|sauce|stew|soup|jam|juice|pie) (bean|meat|bone|tomato|apple` +
	`|orange|berry|hen|pepper|cherry)\b|\bstew (cube|chunk|piece|strip|beef|venison|pork|lamb|mutton|elk|moose)\b`)

// forTable is what the jar is for, or what it is not: "for quick suppers", "not the pickled".
var forTable = pattern.MustCompile(`\bfor (?:\pL+ ){0,2}(?:supper|dinner|lunch|stew|soup|salad|pie|hash|curry` +
	`|chili|taco)\b|\bnot (?:the |a |an )?(?:pickled?|jam|jelly|soup|sauce|relish|stew|ketchup|juice|puree)\b`)

// KindOf returns the kind of product that a title names, a word of procedure.Products; "" for none.
func KindOf(title string) string { return kindOf(foldTitle(title)) }

// kindOf reads the kind of product from a folded title, "" where it says none.
func kindOf(folded string) string {
	inJuice := titleHas(folded, "in juice", "in tomato juice", "in apple juice", "in grape juice", "in own juice",
		"in it own juice", "in pineapple juice", "in fruit juice")
	inBroth := titleHas(folded, "in broth", "in stock", "in chicken broth", "in beef broth", "in vegetable broth",
		"in chicken stock", "in beef stock", "in vegetable stock", "in own broth", "in it own broth", "with broth",
		"and broth")
	if titleHas(folded, "butter bean", "butter pea", "peanut") && !titleHas(folded, "soup", "spread") {
		return ""
	}
	folded = grownFor.ReplaceAllString(forTable.ReplaceAllString(folded, ""), "$2")
	for _, k := range kinds {
		if titleHas(folded, k.words...) && !(k.kind == "juice" && inJuice) && !(k.kind == "stock" && inBroth) {
			return k.kind
		}
	}
	return ""
}
