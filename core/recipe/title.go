package recipe

import "regexp"

// TitleSaid is the title without what it says the recipe is not, "(the beans whole,
// not the dip!)", and without what it takes back: "chili: no wait, plain ground elk".
func TitleSaid(title string) string {
	if m := corrected.FindStringIndex(title); m != nil {
		title = title[m[1]:]
	}
	return denied.ReplaceAllString(title, "")
}

var (
	denied    = regexp.MustCompile(`(?i)[(,;–—-]\s*(but )?(not|no|without|never) [^,;()]*`)
	corrected = regexp.MustCompile(`(?i)\b(no,? wait|no,? sorry|sorry,|I mean),? |\? no,? `)
)
