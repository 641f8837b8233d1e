package cells

import (
	"bytes"
	"encoding/csv"
	"slices"
	"strings"
)

// NewReader returns a reader of a table whose cells are parted by mark. Rows may be of any length. A
// cell that is empty stays one: blanks in front are left out, but not where the mark is itself blank.
func NewReader(data []byte, mark rune) *csv.Reader {
	r := csv.NewReader(bytes.NewReader(bytes.TrimPrefix(data, []byte("\uFEFF"))))
	r.Comma, r.FieldsPerRecord, r.LazyQuotes = mark, -1, true
	r.TrimLeadingSpace = mark != '\t'
	return r
}

// Columns finds where the columns of a heading are, by the names that each goes by in lower case. Of
// two by one name the first counts; a heading that nobody knows is left out.
func Columns(heading []string, names map[string][]string) map[string]int {
	at := map[string]int{}
	for i, name := range heading {
		name = strings.ToLower(strings.TrimPrefix(name, "\uFEFF"))
		name = strings.Join(strings.FieldsFunc(name, func(r rune) bool { return strings.ContainsRune("_ ()[],", r) }), " ")
		for column, list := range names {
			if _, taken := at[column]; !taken && slices.Contains(list, name) {
				at[column] = i
			}
		}
	}
	return at
}

// Cell returns what stands in a column of the row, "" where there is none.
func Cell(row []string, at map[string]int, column string) string {
	if i, there := at[column]; there && i < len(row) {
		return strings.TrimSpace(row[i])
	}
	return ""
}
