package kit

import "strings"

// FileName makes a plain name of a title: letters, figures and single hyphens.
func FileName(title string) string {
	words := strings.FieldsFunc(strings.ToLower(title), func(r rune) bool {
		return (r < 'a' || r > 'z') &&
			(r < '0' || r > '9')
	})
	name := strings.Join(words, "-")
	if name == "" {
		return "recipe"
	}
	return strings.Trim(name[:min(len(name), 60)], "-")
}
