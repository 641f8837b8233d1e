package recipe

import (
	"regexp"
	"strings"
)

// unprefixed takes off what a medium puts before every line: the marks of quoted
// mail, the time and speaker of a chat, the bars of a table.
func unprefixed(line string) string {
	line = strings.TrimSpace(quoted.ReplaceAllString(line, ""))
	if m := chat.FindString(line); m != "" && (strings.HasPrefix(m, "[") || strings.ContainsAny(m[:1], "0123456789")) {
		line = line[len(m):]
	}
	line = section.ReplaceAllString(line, "")
	if strings.HasPrefix(line, "|") && strings.Count(line, "|") > 1 {
		var cells []string
		for _, c := range strings.Split(strings.Trim(line, "|"), "|") {
			if c = strings.TrimSpace(c); c != "" && strings.Trim(c, "-: ") != "" && !onlyDigits(c) {
				cells = append(cells, c)
			}
		}
		line = strings.Join(cells, ", ")
		if len(cells) == 2 && len(cells[0]) < 60 && cells[1] != "" && cells[1][0] >= '0' && cells[1][0] <= '9' {
			line = cells[1] + " " + cells[0] // what | how much
		}
	}
	return dots.ReplaceAllString(line, " - ")
}

func onlyDigits(s string) bool { return strings.Trim(s, "0123456789.") == "" && len(s) < 3 }

var (
	quoted  = regexp.MustCompile(`^(> ?)+`)
	chat    = regexp.MustCompile(`^(\[[^\]]{3,24}\] ?|\d{1,2}[:.]\d\d( ?[ap]m)?,? )?([A-Z][a-z]{1,12}|[A-Z]{1,3}): `)
	section = regexp.MustCompile(`^\d\.\d+(\s{2,}|\t)`)
	dots    = regexp.MustCompile(`( ?\.){4,} *`)
)
