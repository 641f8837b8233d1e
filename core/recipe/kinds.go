package recipe

import (
	"strings"

	"damson/core/pattern"
	"damson/core/words"
)

// kinds writes out what brackets list behind a food by its kinds alone: "peppers (bell, banana)" are bell
// peppers and banana peppers, and no bananas. A word that is no kind leaves the brackets as they are.
func (r *Reader) kinds(body string) string {
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
	listsKinds = pattern.MustCompile(`(?i)\b(peppers?|tomatoe?s?) ?\(([^()\d]{3,80})\)`)
	kindsApart = pattern.MustCompile(`,? (?:or|and|&|even) |,|/`)
)
