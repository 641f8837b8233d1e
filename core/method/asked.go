package method

import "maps"

// asked is what a reading asked of the rest of the recipe, and what it was told. As long as it would be
// told the same, it would be the same reading.
type asked struct {
	names   map[string]bool
	times   map[float64]int
	longest *float64
	// every is set where all names were asked for.
	every map[string]bool
}

// asking returns the place as a reading asks it, and what it will have asked. Names and Times are asked
// through it alone.
func (at Where) asking() (Where, *asked) {
	a := &asked{names: map[string]bool{}, times: map[float64]int{}}
	at.rest = &rest{at.Names, at.Times, a}
	at.Names, at.Times = nil, nil
	return at, a
}

// rest is what the recipe says elsewhere.
type rest struct {
	names map[string]bool
	times map[float64]int
	*asked
}

// named reports whether the folded word is of the recipe's own foods or its title.
func (at *Where) named(word string) bool {
	if at.rest == nil {
		return false
	}
	yes := at.rest.names[word]
	at.rest.asked.names[word] = yes
	return yes
}

// everyName is all that the recipe names.
func (at *Where) everyName() map[string]bool {
	if at.rest == nil {
		return nil
	}
	if at.rest.every == nil {
		at.rest.every = maps.Clone(at.rest.names)
	}
	return at.rest.every
}

// said counts how often the text states the minutes.
func (at *Where) said(minutes float64) int {
	if at.rest == nil {
		return 0
	}
	n := at.rest.times[minutes]
	at.rest.asked.times[minutes] = n
	return n
}

// longestSaid is the longest time in minutes that the text states, 0 where it states none.
func (at *Where) longestSaid() float64 {
	if at.rest == nil {
		return 0
	}
	most := longestOf(at.rest.times)
	at.rest.longest = &most
	return most
}

func longestOf(times map[float64]int) float64 {
	most := 0.0
	for v := range times {
		most = max(most, v)
	}
	return most
}

// same reports whether a recipe would tell the same.
func (a *asked) same(at *Where) bool {
	for word, yes := range a.names {
		if at.Names[word] != yes {
			return false
		}
	}
	for v, n := range a.times {
		if at.Times[v] != n {
			return false
		}
	}
	return (a.longest == nil || *a.longest == longestOf(at.Times)) && (a.every == nil || maps.Equal(a.every, at.Names))
}
