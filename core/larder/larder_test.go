package larder_test

import (
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/require"

	"damson/core/larder"
	"damson/core/quantity"
)

var today = time.Date(2026, 11, 30, 0, 0, 0, 0, time.UTC)

func day(y int, m time.Month, d int) time.Time { return time.Date(y, m, d, 0, 0, 0, 0, time.UTC) }

// The same list as three programs write it; a column that nobody knows is left out, a row without
// jars as well.
func TestRead(t *testing.T) {
	want := []larder.Row{
		{Title: "Plum jam", Jar: quantity.HalfPint, Made: day(2025, 8, 1), Jars: 4, Place: "cellar, shelf 3", Note: "Ada's"},
		{Title: "Carrots", Made: day(2026, 9, 12), Jars: 7},
	}
	for name, text := range map[string]string{
		"commas":     "Product,Colour,Size,Left,Canned on,Place,Notes\nPlum jam,red,half-pint,4,August 2025,\"cellar, shelf 3\",Ada's\nGone,,,0,2025,,\n,,,,,,\nCarrots,,,7,2026-09-12,,\n",
		"semicolons": "\xef\xbb\xbfwhat;size;qty;date;where;remark\r\nPlum jam;half-pint;4;2025-08;cellar, shelf 3;Ada's\r\nCarrots;;7;12.9.2026;;\r\n",
		"tabs":       "Name\tJar\tJars\tMade\tLocation\tComments\nPlum jam\thalf-pint\t4\tAug 2025\tcellar, shelf 3\tAda's\nCarrots\t\t7\t12 Sep 2026\n",
	} {
		got, err := larder.Read([]byte(text), today)
		require.NoError(t, err, name)
		require.Equal(t, want, got, name)
	}
}

// What cannot be is told with its line and the way out.
func TestRefused(t *testing.T) {
	const head = "product,left,canned on,size\n"
	for text, want := range map[string]string{
		"":                        "the file is empty",
		"product,left\nBeans,3\n": "the first line needs a heading for when they were canned, like “canned on”",
		"left,date\n3,2025\n":     "the first line needs a heading for what is in the jars, like “product”",
		head:                      "there is no jar in it: only headings",
		"product,left,canned on,not as tested\nBeans,3,2025,too short\n": "line 2: “not as tested” is filled in, and such jars belong on no shelf: throw them out and take the line out; where nothing is wrong with them, leave that cell empty",
		head + "Beans,three,2025,\n":                                     "line 2: \"three\" is no number of jars from 0 to 2000",
		head + "Beans,-3,2025,\n":                                        "line 2: \"-3\" is no number of jars from 0 to 2000",
		head + "Beans,3,2025,\nPeas,2,3/4/26,\n":                         "line 3: \"3/4/26\" is no day: write 2026-08-14, August 2026 or 2026",
		head + "Beans,3,,\n":                                             "line 2: when was it canned? A day, a month or a year",
		head + "Beans,3,2027,\n":                                         "line 2: 1 January 2027 has not come yet",
		head + ",3,2025,\n":                                              "line 2: what is in the jars?",
		head + "Beans,3,2025,bucket\n":                                   "line 2: \"bucket\" is no jar: write pint, quart, half-pint, 500 ml",
		head + strings.Repeat("b", 300) + ",3,2025,\n":                   "line 2: more than 200 letters in one cell",
		"product,left,canned on\nBe\x00ans,3,2025\n":                     "the file is no text in UTF-8: save it as CSV, UTF-8",
		"product,left,canned on\nBe\xff\xfeans,3,2025\n":                 "the file is no text in UTF-8: save it as CSV, UTF-8",
		head + strings.Repeat("Beans,3,2025,\n", larder.MostRows+1):      "more than 5000 rows: send them in parts",
	} {
		_, err := larder.Read([]byte(text), today)
		require.EqualError(t, err, want)
	}
}

func FuzzRead(f *testing.F) {
	f.Add([]byte("product,left,canned on\nBeans,3,2025\n"))
	f.Add([]byte("what;qty;date\n\"Be;ans;3;2025\n"))
	f.Fuzz(func(t *testing.T, data []byte) {
		rows, err := larder.Read(data, today)
		if err != nil {
			require.Empty(t, rows)
			return
		}
		for _, r := range rows {
			require.NotEmpty(t, r.Title)
			require.Positive(t, r.Jars)
			require.False(t, r.Made.After(today))
		}
	})
}
