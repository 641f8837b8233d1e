package kit

import "time"

// One clock for all pages: what is stored is UTC, what is shown is the time of the kitchen,
// that is, of the machine that Damson runs on.

// The layouts of a day and of a time of day, as they are typed.
const (
	DayLayout   = "2006-01-02"
	ClockLayout = "15:04"
)

// Now is the time in this kitchen, by the clock that the frame was handed.
func (f *Frame) Now() time.Time { return f.Clock() }

// Today is the day in this kitchen, as 2006-01-02.
func (f *Frame) Today() string { return f.Now().Format(DayLayout) }

// Day writes the day of what is stored.
func Day(t time.Time) string { return t.Local().Format("2 Jan") }

// When writes the time of what is stored, with the zone.
func When(t time.Time) string { return t.Local().Format("2 Jan 15:04 MST") }

// DayTyped reads a day, today where none is given.
func (f *Frame) DayTyped(text string) (string, bool) {
	if text == "" {
		return f.Today(), true
	}
	_, err := time.Parse(DayLayout, text)
	return text, err == nil
}
