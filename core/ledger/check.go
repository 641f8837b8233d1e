// Package ledger holds what people checked against a printed copy, and puts it
// into force.
//
// A check is about one part of one procedure: a row of its process table or an
// ingredient of its batch. A check that somebody of this kitchen stands for, with
// a name, goes before one that only a file brought; among equals the newest day
// wins, and the others are history. What a file brought and what would make a
// process shorter, lower or less acid is held back until somebody signs it. The
// package changes no value by itself: it only carries what a person read in print.
package ledger

import (
	"errors"
	"fmt"
	"time"
)

// What a check says of a part.
const (
	Same    = "same"    // the copy prints the same
	Differs = "differs" // the copy prints other values, given with the check
	Absent  = "absent"  // the copy does not print the row: it is not used
)

// Check is one part of a procedure as somebody read it in print.
type Check struct {
	Procedure string
	// Part names the row or the ingredient (RowPart, IngredientPart).
	Part   string
	Status string
	// Values are what the copy prints, in words ("20/25/30/35 min"), empty where
	// it is the same.
	Values  string
	Edition string
	Page    string
	By      string
	// On is the day, as 2006-01-02.
	On string
	// Signed names who of this kitchen stands for it: who typed it here, or took it
	// out of a file with the printed copy at hand. A file never brings it.
	Signed string
}

// maxText is the longest text of a check, in bytes.
const maxText = 300

// Valid fails on a check that lacks what makes it one: who read what, where,
// when. Today is the day, as 2006-01-02, that no check can be newer than.
func (c Check) Valid(today string) error {
	switch {
	case c.Procedure == "" || c.Part == "":
		return errors.New("procedure and part are needed")
	case c.Status != Same && c.Status != Differs && c.Status != Absent:
		return fmt.Errorf("status %q is none of same, differs, absent", c.Status)
	case c.Status == Differs && c.Values == "":
		return errors.New("a difference needs the values that the copy prints")
	case c.Status != Differs && c.Values != "":
		return fmt.Errorf("status %s has no values", c.Status)
	case c.By == "":
		return errors.New("say who checked it")
	case c.Edition == "":
		return errors.New("say which edition it was checked against")
	}
	for _, s := range []string{c.Procedure, c.Part, c.Values, c.Edition, c.Page, c.By, c.Signed} {
		if len(s) > maxText {
			return fmt.Errorf("“%.20s…” is longer than %d letters", s, maxText)
		}
	}
	switch day, err := time.Parse(time.DateOnly, c.On); {
	case err != nil || day.Year() < 1900:
		return fmt.Errorf("the day %q is not written 2026-11-25", c.On)
	case c.On > today:
		return fmt.Errorf("the day %s is still to come", c.On)
	}
	return nil
}
