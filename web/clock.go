package web

import "time"

// One clock for all pages: what is stored is UTC, what is shown is the time of the kitchen,
// that is, of the machine that Damson runs on.

// now is the time in this kitchen.
func now() time.Time { return time.Now() }

// today is the day in this kitchen, as 2006-01-02.
func today() string { return now().Format(dayLayout) }

// day writes the day of what is stored.
func day(t time.Time) string { return t.Local().Format("2 Jan") }

// when writes the time of what is stored, with the zone.
func when(t time.Time) string { return t.Local().Format("2 Jan 15:04 MST") }
