package recipe

import (
	"strings"
	"unicode"
	"unicode/utf8"

	"damson/core/pattern"
	"damson/core/recall"
	"damson/core/words"
)

// unprefixed takes off what a medium puts before every line: the marks of quoted
// mail, the time and speaker of a chat, the bars of a table.
func unprefixed(line string) string { return recall.Of(unprefixedLines, line, unprefix) }

// unprefixedLines keeps what was found of the lines asked last.
var unprefixedLines = recall.New[string, string](1024)

func unprefix(line string) string {
	line = strings.TrimSpace(quoted.ReplaceAllString(line, ""))
	if m := chat.FindString(line); m != "" && (strings.HasPrefix(m, "[") || strings.ContainsAny(m[:1], "0123456789")) {
		line = line[len(m):]
	}
	line = section.ReplaceAllString(line, "")
	line = counted.ReplaceAllString(line, "")
	if strings.HasPrefix(line, "|") && strings.Count(line, "|") > 1 {
		if headerRow(line) {
			return ""
		}
		var cells []string
		for _, c := range strings.Split(strings.Trim(line, "|"), "|") {
			if c = strings.TrimSpace(c); c != "" && strings.Trim(c, "-: ") != "" && !onlyDigits(c) {
				cells = append(cells, c)
			}
		}
		line = joined(cells)
	} else if cells := strings.Split(line, " | "); len(cells) > 1 && headerRow(line) {
		return ""
	} else if len(cells) > 1 {
		line = joined(cells)
	}
	return inFull(dots.ReplaceAllString(line, " - "))
}

// inFull writes out what people shorten on cards and in chats, and set phrases that say no more than a plain one:
// "30 min., B.W.B.", "salt n pepper", "if you can be bothered".
func inFull(line string) string { return mendAll(line, shortenings, shortening) }

var shortenings = []*mend{
	{pattern.MustCompile(`\b[BHbh]\. ?[Ww]\. ?[BCbc]\.?(\W|$)`), "BWB$1"},
	{pattern.MustCompile(`\b[HM]WB\b`), "BWB"},
	{pattern.MustCompile(`\b[Ww]\. ?[Bb]\.(\W|$)`), "water bath$1"},
	{pattern.MustCompile(`\b(?:P\. ?C\.|PC)(\W|$)`), "pressure canner$1"},
	{pattern.MustCompile(`(?i)\bsoln\b\.?`), "solution"},
	{pattern.MustCompile(`(?i)\btom\. (juice|sauce|paste|puree|purée|soup|ketchup|relish)\b`), "tomato $1"},
	{pattern.MustCompile(`(?i)([a-z,]) ?['’]?\bn\b['’]? ([a-z])`), "$1 and $2"},
	{pattern.MustCompile(`(^|[^~])~ ?([\d½¼¾⅓⅔])`), "${1}about $2"},
	{pattern.MustCompile(`(?i)\bif (?:you|i|we)(?:'ve|’ve| have)? ?(?:can|could|are|feel|got|had)? ` +
		`(?:be bothered|so inclined|the patience|` +
		`a mind to|like it|up to it|in the mood|the inclination|that way inclined)([,.;:!?) ]*$|[,.;:!?)])`),
		"if you like$1"},
	// how a piece lies in the jar, and how near the rim it comes
	{pattern.MustCompile(`(?i),? (?:with )?(?:the )?(?:cavity|cavities|hollow|pitted|stone|skin|flat)(?: sides?` +
		`| ends?)? (?:facing )?(?:down|up)(?:wards?)?([,.;!) ]|$)`), "$1"},
	{pattern.MustCompile(`(?i),?(?: to)? ((?:half an|a half|a quarter|a|an|one) (?:quarter |half )?inch` +
		`|\d[\d/]* ?(?:inch|in\.?|")) shy of (?:full|the top|the rim|the brim|the lid)\b`), ", $1 headspace,"},
}

var shortening = findAll(shortenings)

// unstruck says of what is struck through within a line that it is not so, as it is no part of the
// recipe: "a cup of ~~cream~~ water" has no cream, and "~~vent~~ weight on" never vents.
func (r *Reader) unstruck(line string) string {
	if struck.MatchString(line) && !struckPart.MatchString(strings.Trim(line, "~ ")) {
		return line // the whole line
	}
	return struckPart.ReplaceAllStringFunc(line, func(part string) string {
		said := joins.ReplaceAllString(struckPart.ReplaceAllString(part, "$1"), "")
		if s := r.method.Shape(said); s.Foods > 0 && s.Verbs == 0 {
			return "(no " + said + ")"
		}
		return "(never " + said + ")"
	})
}

var joins = pattern.MustCompile(`(?i)^\s*(?:and|or|plus|&|\+) `)

var struckPart = pattern.MustCompile(`(?i)(?:~~|<(?:s|del|strike)>)([^~<>]+)(?:~~|</(?:s|del|strike)>)`)

// joined writes the cells of a row as a line: what | how much begins with how much.
func joined(cells []string) string {
	if len(cells) == 2 && len(cells[0]) < 60 && amountFirst(cells[1]) && !amountFirst(cells[0]) {
		return cells[1] + " " + cells[0]
	}
	return strings.Join(cells, ", ")
}

func amountFirst(cell string) bool {
	r, _ := utf8.DecodeRuneInString(cell)
	return unicode.IsDigit(r) || words.Vulgar[r] != 0
}

// headerRow reports whether every cell of a table's row names a column.
func headerRow(line string) bool {
	n := 0
	for _, c := range strings.Split(strings.Trim(line, "| "), "|") {
		if c = strings.TrimSpace(c); c == "" {
			continue
		}
		if columnOf(c) == "" {
			return false
		}
		n++
	}
	return n > 1
}

func onlyDigits(s string) bool { return strings.Trim(s, "0123456789.") == "" && len(s) < 3 }

var (
	quoted = pattern.MustCompile(`^(> ?)+`)
	chat   = pattern.MustCompile(`^(\[[^\]]{3,24}\] ?|\d{1,2}[:.]\d\d( ?[ap]m)?,? )?([A-Z][a-z]{1,12}( [A-Z][a-z]{1,12})?|[A-Z]{1,3}): `)
	// counted is the number of a step in words: "Three. Fill the jars."
	counted = pattern.MustCompile(`^(One|Two|Three|Four|Five|Six|Seven|Eight|Nine|Ten|Eleven|Twelve)[.:)] +`)
	section = pattern.MustCompile(`^\d\.\d+(\s{2,}|\t)`)
	dots    = pattern.MustCompile(`( ?\.){4,} *`)
)
