package recipe

import (
	"fmt"
	"slices"
	"strings"

	"damson/core/pattern"
)

// A handbook's table of times, as a page is copied: a head with heights above the sea, and rows of jars
// with minutes or pounds for each. It is read as the sentences that say the same.

// timetable is such a table while it is read.
type timetable struct {
	heights []string // the columns: "0 - 1,000 ft", "above 6,000 ft"
	canner  string   // what its caption says of the canner, "" where it says nothing
	rows    []timerow
}

// timerow is one row: its line, its pack and jars, the minutes where the columns are pounds, and the columns.
type timerow struct {
	line       int
	pack, jars string
	minutes    string
	values     []string
}

// Rows are the lines of a text as they are read: tables of times stand as sentences.
func Rows(text string) []string {
	lines := strings.Split(text, "\n")
	timetables(lines)
	return lines
}

// timetables writes the tables of times among the lines as sentences. Every line stays a line: what has been
// said by another is empty.
func timetables(lines []string) {
	for i := range lines {
		if !strings.ContainsAny(lines[i], "\t|") && !gaps.MatchString(lines[i]) {
			continue
		}
		heights := heightsOf(cellsOf(lines[i]))
		if len(heights) < 2 {
			continue // or it says something else besides
		}
		t := timetable{heights: heights}
		t.read(lines, i+1)
		if len(t.rows) == 0 {
			continue
		}
		t.caption(lines, i)
		lines[i] = ""
		t.choose(lines)
		t.write(lines)
	}
}

// read takes the rows from line i on, as far as they go.
func (t *timetable) read(lines []string, i int) {
	pack := ""
	for ; i < len(lines); i++ {
		row, ok := t.row(cellsOf(lines[i]))
		if !ok {
			return
		}
		row.line = i
		if row.pack == "" {
			row.pack = pack // told once for the rows below
		}
		pack = row.pack
		t.rows = append(t.rows, row)
	}
}

// row reads the cells of a row: its pack, its jars and figures, and nothing else.
func (t *timetable) row(cells []string) (timerow, bool) {
	var row timerow
	n := len(cells)
	for n > 0 && figureCell.MatchString(cells[n-1]) {
		n--
	}
	for _, c := range cells[:n] {
		switch low := strings.ToLower(c); {
		case jarCell.MatchString(low) && row.jars == "":
			row.jars = low
		case packCell.MatchString(low) && row.pack == "":
			row.pack = low
		default:
			return row, false
		}
	}
	return row, row.jars != "" && row.figures(cells[n:], len(t.heights))
}

// figures takes the figures of so many heights: minutes, or one time and pounds behind it.
func (row *timerow) figures(cells []string, heights int) bool {
	unit := minuteCell
	if len(cells) == heights+1 {
		if poundCell.MatchString(cells[0]) {
			return false
		}
		row.minutes, cells, unit = leadingFigure.FindString(cells[0]), cells[1:], poundCell
	}
	for _, c := range cells {
		if !bareCell.MatchString(c) && !unit.MatchString(c) {
			return false
		}
		row.values = append(row.values, leadingFigure.FindString(c))
	}
	return len(cells) == heights
}

// caption takes the canner from what stands over the head, and empties the lines that only head the columns.
func (t *timetable) caption(lines []string, head int) {
	for i := head - 1; i >= max(0, head-4) && t.canner == ""; i-- {
		switch line := strings.TrimSpace(lines[i]); {
		case line == "":
		case ofColumns.MatchString(line):
			lines[i] = ""
		case captions.MatchString(line):
			t.canner = strings.ToLower(cannerNamed.FindString(line))
			return
		default:
			return
		}
	}
}

// choose keeps the rows of the pack that the text tells, where it tells one and the table has both.
func (t *timetable) choose(lines []string) {
	text := strings.ToLower(strings.Join(lines, "\n"))
	told, other := "hot", "raw"
	if !toldPack["hot"].MatchString(text) {
		told, other = other, told
	}
	has := func(pack string) bool {
		return slices.ContainsFunc(t.rows, func(r timerow) bool { return r.pack == pack })
	}
	if !toldPack[told].MatchString(text) || toldPack[other].MatchString(text) || !has(told) {
		return
	}
	t.rows = slices.DeleteFunc(t.rows, func(r timerow) bool {
		if r.pack == other {
			lines[r.line] = ""
		}
		return r.pack == other
	})
}

// write puts the sentences where the rows were.
func (t *timetable) write(lines []string) {
	in := "Process "
	if t.canner != "" {
		in = "In a " + t.canner + ", process "
	}
	told := map[string]bool{} // rows that another has told with its own, as their pounds are the same
	for _, r := range t.rows {
		said := in + r.jars + " " + t.columns(r, "minutes", " at %s")
		if r.minutes != "" {
			said = in + t.together(r) + " at " + t.columns(r, "lb", " (%s)")
		}
		if r.pack == "hot" || r.pack == "raw" {
			said = strings.ToUpper(r.pack[:1]) + r.pack[1:] + " pack: " + strings.ToLower(said[:1]) + said[1:]
		}
		key := r.pack + strings.Join(r.values, "/")
		lines[r.line] = said + "."
		if r.minutes != "" && told[key] {
			lines[r.line] = ""
		}
		told[key] = true
	}
}

// together tells the jars and minutes of the rows that have the pounds of r.
func (t *timetable) together(r timerow) string {
	var jars []string
	for _, o := range t.rows {
		if o.minutes != "" && o.pack == r.pack && slices.Equal(o.values, r.values) {
			jars = append(jars, o.jars+" "+o.minutes+" minutes")
		}
	}
	return strings.Join(jars, ", ")
}

// columns tells the figures of a row, each with its height.
func (t *timetable) columns(r timerow, unit, height string) string {
	var out []string
	for k, v := range r.values {
		out = append(out, v+" "+unit+fmt.Sprintf(height, t.heights[k]))
	}
	return strings.ReplaceAll(strings.Join(out, ", "), " at above ", " above ")
}

// cellsOf parts a row at tabs, bars or wide gaps.
func cellsOf(line string) []string {
	line = strings.Trim(strings.TrimSpace(line), "|")
	var parts []string
	switch {
	case strings.Contains(line, "\t"):
		parts = strings.Split(line, "\t")
	case strings.Contains(line, "|"):
		parts = strings.Split(line, "|")
	default:
		parts = strings.Split(gaps.ReplaceAllString(line, "\t"), "\t")
	}
	var out []string
	for _, p := range parts {
		if p = strings.TrimSpace(p); p != "" {
			out = append(out, p)
		}
	}
	return out
}

// heightsOf returns the heights that the last cells of a head name, nil where they name none, or where another
// cell says more than what its column holds.
func heightsOf(cells []string) []string {
	var out []string
	feet := false
	for _, c := range cells {
		m := heightCell.FindStringSubmatch(strings.ToLower(c))
		switch {
		case m == nil && (len(out) > 0 || !headCell.MatchString(c)):
			return nil
		case m == nil:
			continue
		}
		feet = feet || strings.Contains(m[0], "f")
		if m[2] != "" {
			out = append(out, m[1]+" - "+m[2]+" ft")
			continue
		}
		out = append(out, "above "+m[3]+" ft")
	}
	if !feet {
		return nil
	}
	return out
}

var (
	gaps       = pattern.MustCompile(` {3,}`)
	heightCell = pattern.MustCompile(`^(?:(\d[\d,]*) ?(?:-|–|—|to) ?(\d[\d,]*)|(?:above|over` +
		`|>) ?(\d[\d,]*)) ?(?:ft|feet)?\.?$`)
	figureCell    = pattern.MustCompile(`(?i)^\d{1,3} ?(?:min|mins|minutes|lbs?|pounds|psi)?\.?$`)
	leadingFigure = pattern.MustCompile(`^\d+`)
	jarCell       = pattern.MustCompile(`^(?:half-?pints?|pints?|quarts?|half-?gallons?)(?:,? (?:or` +
		`|and) (?:half-?pints?|pints?|quarts?|half-?gallons?))*$`)
	packCell = pattern.MustCompile(`^(?:hot|raw|hot and raw|hot or raw|raw and hot)$`)
	headCell = pattern.MustCompile(`(?i)^(?:(?:style|type) of pack|pack(?: style)?|(?:size of )?jars?(?: sizes?)?|size` +
		`|process(?:ing)? times?|times?|minutes|canner pressure)(?: \((?:min|minutes|psi|lb)\))?$`)
	bareCell   = pattern.MustCompile(`^\d{1,3}\.?$`)
	minuteCell = pattern.MustCompile(`(?i)min`)
	poundCell  = pattern.MustCompile(`(?i)lb|pound|psi`)
	ofColumns  = pattern.MustCompile(`(?i)^\W*(?:process(?:ing)? times?|canner (?:gauge )?pressure)(?: \((?:psi|lb|min` +
		`|minutes)\))?(?: at altitudes? of)?\W*$`)
	captions    = pattern.MustCompile(`(?i)^\W*(?:table \d+\W+)?recommended process(?:ing)? times? for\b`)
	cannerNamed = pattern.MustCompile(`(?i)\b(?:dial[- ]gauge pressure canner` +
		`|weighted[- ]gauge pressure canner|boiling[- ]water canner|pressure canner)\b`)
	toldPack = map[string]*pattern.Pattern{
		"hot": pattern.MustCompile(`\bhot[- ]pack`), "raw": pattern.MustCompile(`\braw[- ]pack`)}
)
