package recipe

import (
	"strings"

	"damson/core/pattern"
	"damson/core/words"
)

// kinds writes out what brackets list behind a food by its kinds alone: "peppers (bell, banana)" are bell
// peppers and banana peppers, and no bananas. A word that is no kind leaves the brackets as they are.
func (r *Reader) kinds(body string) string {
	if amongPeppers.MatchString(body) {
		body = bananaKind.ReplaceAllString(body, "$1 pepper$2")
	}
	m := listsKinds.FindStringSubmatchIndex(body)
	if m == nil {
		return body
	}
	head, list := strings.TrimSuffix(strings.ToLower(body[m[2]:m[3]]), "s"), body[m[4]:m[5]]
	parts := strings.Split(kindsApart.ReplaceAllString(list, ","), ",")
	var out []string
	for _, part := range parts {
		name := words.FoldPhrase(strings.Trim(part, " ,.&"))
		switch {
		case name == "":
		case r.foods.ByName(name+" "+head) != nil:
			out = append(out, name+" "+head)
		case r.foods.ByName(name).In("capsicum"):
			out = append(out, name)
		default:
			return body
		}
	}
	return body[:m[4]] + strings.Join(out, " or ") + body[m[5]:]
}

var (
	// amongPeppers is a list of peppers by their kinds, in which bananaKind is one of them: "Hungarian,
	// banana, chile, jalapeño".
	amongPeppers = pattern.MustCompile(`(?i)\bbanana(?:,|/| or| and| &) ?(?:\pL+,? )*?` +
		`(?:jalape|serrano|chill?[ei]|cayenne|hungarian` +
		`|cherry pepper|pepper)|\b(?:jalape\pL+|serrano|chill?[ei]s?|cayenne|hungarian)(?:,|/| or| and| &),? ?banana\b` +
		`|\bpeppers?: (?:\pL+ )?banana\b`)
	bananaKind = pattern.MustCompile(`(?i)\b(banana|hungarian)(,|/| or| and| &|:|$)`)
	listsKinds = pattern.MustCompile(`(?i)\b(peppers?|tomatoe?s?) ?\(([^()\d]{3,80})\)`)
	kindsApart = pattern.MustCompile(`,? (?:or|and|&|even) |,|/`)
)
