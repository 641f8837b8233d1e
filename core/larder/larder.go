// Package larder reads a list of jars that a household keeps in a spreadsheet.
//
// It judges nothing: what stands in such a list was canned by nobody knows which process.
package larder

import (
	"bytes"
	"errors"
	"fmt"
	"io"
	"strconv"
	"strings"
	"time"
	"unicode/utf8"

	"damson/core/cells"
	"damson/core/elevation"
	"damson/core/quantity"
)

// Row is one line of the list.
type Row struct {
	Title string
	Jar   quantity.Jar
	// Made is the day on which it was canned; of a month or a year that is known alone, the first.
	Made  time.Time
	Jars  int
	Place string
	Note  string
}

// BoilFirst is how many minutes what is in such a jar is boiled, at feet, before anybody tastes it:
// nobody knows its process, whatever it is (USDA Complete Guide 2015, guide 1, from memory).
func BoilFirst(feet int) int { return elevation.BoilMinutes(feet) }

// Doubted heads the column that says why jars are not as tested.
const Doubted = "not as tested"

// The limits of a list.
const (
	MostRows = 5000
	mostJars = 2000
	longest  = 200 // letters of a name, a place, a note
)

// columns are the headings that are understood, in lower case (common practice, no source).
var columns = map[string][]string{
	"title": {"product", "name", "what", "item", "contents", "food", "title", "recipe", "description"},
	"jar":   {"jar", "size", "jar size", "container"},
	"made":  {"canned on", "canned", "date", "made", "made on", "packed", "date canned", "day", "year", "put up", "month"},
	"jars":  {"left", "jars", "count", "number", "quantity", "qty", "how many", "on hand", "amount", "in stock"},
	"place": {"place", "where", "location", "shelf", "room"},
	"note":  {"note", "notes", "remark", "remarks", "comment", "comments"},
	"doubt": {Doubted},
}

// Read reads a CSV file with a row of headings, its cells parted by commas, semicolons or tabs. An
// error names the line; nothing is taken of a list with one.
func Read(data []byte, today time.Time) ([]Row, error) {
	if !utf8.Valid(data) || bytes.IndexByte(data, 0) >= 0 {
		return nil, errors.New("the file is no text in UTF-8: save it as CSV, UTF-8")
	}
	r := cells.NewReader(data, comma(data))
	head, err := r.Read()
	if err != nil {
		return nil, errors.New("the file is empty")
	}
	at, err := headings(cells.PlainRow(head))
	if err != nil {
		return nil, err
	}
	var out []Row
	for {
		record, err := r.Read()
		switch {
		case errors.Is(err, io.EOF) && len(out) == 0:
			return nil, errors.New("there is no jar in it: only headings")
		case errors.Is(err, io.EOF):
			return out, nil
		case err != nil:
			return nil, fmt.Errorf("the file cannot be read as CSV: %w", err)
		}
		line, _ := r.FieldPos(0)
		row, empty, err := read(cells.PlainRow(record), at, today)
		switch {
		case err != nil:
			return nil, fmt.Errorf("line %d: %w", line, err)
		case empty:
			continue
		case len(out) == MostRows:
			return nil, fmt.Errorf("more than %d rows: send them in parts", MostRows)
		}
		out = append(out, row)
	}
}

// comma is the mark that parts the cells of the first line: the commonest of three.
func comma(data []byte) rune {
	first, _, _ := bytes.Cut(data, []byte("\n"))
	best := ','
	for _, c := range ";\t" {
		if bytes.ContainsRune(first, c) && bytes.Count(first, []byte(string(c))) > bytes.Count(first, []byte(string(best))) {
			best = c
		}
	}
	return best
}

// headings finds the columns; those that nobody knows are left out.
func headings(head []string) (map[string]int, error) {
	at := cells.Columns(head, columns)
	for _, must := range []string{"title", "jars", "made"} {
		if _, there := at[must]; !there {
			return nil, fmt.Errorf("the first line needs a heading for %s, like “%s”", meant[must], columns[must][0])
		}
	}
	return at, nil
}

// meant says in words what a column that must be there holds.
var meant = map[string]string{
	"title": "what is in the jars", "jars": "how many jars there are", "made": "when they were canned",
}

// read reads one record; empty is true where nothing is left of it or on the line.
func read(record []string, at map[string]int, today time.Time) (row Row, empty bool, err error) {
	get := func(column string) string { return cells.Cell(record, at, column) }
	if strings.TrimSpace(strings.Join(record, "")) == "" {
		return row, true, nil
	}
	row = Row{Title: get("title"), Place: get("place"), Note: get("note")}
	if row.Title == "" {
		return row, false, errors.New("what is in the jars?")
	}
	if get("doubt") != "" {
		return row, false, errors.New("“" + Doubted + "” is filled in, and such jars belong on no shelf: throw them out" +
			" and take the line out; where nothing is wrong with them, leave that cell empty")
	}
	for _, text := range []string{row.Title, row.Place, row.Note} {
		if utf8.RuneCountInString(text) > longest {
			return row, false, fmt.Errorf("more than %d letters in one cell", longest)
		}
	}
	if row.Jars, err = strconv.Atoi(get("jars")); err != nil || row.Jars < 0 || row.Jars > mostJars {
		return row, false, fmt.Errorf("%q is no number of jars from 0 to %d", short(get("jars")), mostJars)
	}
	if size := get("jar"); size != "" {
		jar, known := quantity.ParseJar(size)
		if !known {
			return row, false, fmt.Errorf("%q is no jar: write pint, quart, half-pint, 500 ml", short(size))
		}
		row.Jar = jar
	}
	if row.Made, err = Day(get("made")); err != nil {
		return row, false, err
	}
	if row.Made.After(today) {
		return row, false, fmt.Errorf("%s has not come yet", row.Made.Format("2 January 2006"))
	}
	return row, row.Jars == 0, nil
}

// days are the ways to write a day, a month or a year that can be taken for no other.
var days = []string{
	"2006-01-02", "2 January 2006", "2 Jan 2006", "January 2, 2006", "Jan 2, 2006", "2.1.2006",
	"January 2006", "Jan 2006", "2006-01", "2006",
}

// Day reads a day, a month or a year. "3/4/2026" is not taken: it is read two ways.
func Day(text string) (time.Time, error) {
	for _, layout := range days {
		if t, err := time.Parse(layout, text); err == nil && t.Year() >= 1900 {
			return t, nil
		}
	}
	if text == "" {
		return time.Time{}, errors.New("when was it canned? A day, a month or a year")
	}
	return time.Time{}, fmt.Errorf("%q is no day: write 2026-08-14, August 2026 or 2026", short(text))
}

func short(s string) string {
	if r := []rune(s); len(r) > 30 {
		return string(r[:30]) + "…"
	}
	return s
}
