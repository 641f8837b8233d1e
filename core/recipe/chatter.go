package recipe

import (
	"slices"
	"sort"
	"strings"

	"damson/core/pattern"
)

// What a page carries round a recipe, by how the line begins. A line that names
// a food is never dropped for its beginning, but for those of mere data.
var (
	junkStarts = []string{"jump to", "skip to", "print", "pin it", "pin this", "pin recipe", "share", "save recipe", "save this", "rate", "posted", "filed under", "advertisement", "sponsored", "subscribe", "sign up",
		"leave a comment", "leave a reply", "comments", "http://", "https://", "www.", "photo", "image", "click", "follow", "did you make", "us customary", "metric", "scale", "difficulty", "yield unit", "copyright", "©", "video", "read more", "table of contents"}
	dataStarts = []string{"prep time", "cook time", "cooking time", "total time", "active time", "inactive time", "servings", "author", "calories", "nutrition", "rating", "reviews"}
	tagStarts  = []string{"keyword", "keywords", "tags", "category", "categories", "course", "cuisine", "diet"}
)

// buttonWords is the most words that a page's button or link has.
const buttonWords = 6

// junk reports whether the line is no part of a recipe: a button, a rating, an
// address, cooking times of the page's own table. listing is true behind the
// first ingredient, where a word that nobody knows may be a food and its line
// stays.
func (r *Reader) junk(line string, listing bool) bool {
	t := strings.ToLower(strings.TrimSpace(stripBullet(line)))
	if strings.Trim(t, "★☆⭐*•·|-–— 0123456789.x/()") == "" && strings.ContainsAny(line, "★☆⭐x|") {
		return true
	}
	if yieldLine.MatchString(t) || strings.Contains(t, "____") && r.names(strings.ReplaceAll(t, "_", " ")) == 0 {
		return true // "(9 half-pints)"; what a pupil fills in
	}
	if address := strings.HasPrefix(t, "http") || strings.HasPrefix(t, "www."); address && !strings.Contains(t, " ") {
		return true
	}
	if isTags(t) {
		return true // a list of words, never an instruction
	}
	if label, _, ok := strings.Cut(t, ":"); slices.Contains(dataStarts, strings.TrimSpace(label)) && (ok || label == t) {
		return r.idleWords(line)
	}
	if countsVoices(t) && len(strings.Fields(t)) <= 6 && !adds(t) {
		return true
	}
	if !listing && crumbs.MatchString(line) {
		return true // a page's own head
	}
	starts, after := false, ""
	for _, s := range junkStarts {
		if rest, ok := strings.CutPrefix(t, s); ok && (rest == "" || strings.ContainsAny(s[len(s)-1:], "/.©") || rest[0] == ' ' || rest[0] == ':' || rest[0] == 's') {
			starts, after = true, rest
		}
	}
	by, _ := strings.CutPrefix(t, "by ")
	starts = starts || !listing && by != t && len(strings.Fields(by)) <= 4
	if !starts {
		return false
	}
	dated := strings.HasPrefix(t, "posted") || strings.HasPrefix(t, "copyright") || strings.HasPrefix(t, "©")
	if len(strings.Fields(t)) > buttonWords || !dated && strings.ContainsAny(t, "0123456789½¼¾⅓⅔") {
		return false // an amount, or a sentence: it may be an ingredient's
	}
	return r.idleWords(line) && (!listing || dated || !r.strangeWord(after))
}

// countsVoices reports a line that ends in what a page counts: "48 reviews".
func countsVoices(low string) bool {
	return strings.HasSuffix(low, " votes") || strings.HasSuffix(low, " reviews") ||
		strings.HasSuffix(low, " ratings") || strings.HasSuffix(low, " comments")
}

// isTags reports a label of tags with words behind it that are no instruction: "Diet: vegetarian", but
// not "Diet: with a little cream in the jar".
func isTags(t string) bool {
	label, tags, ok := strings.Cut(t, ":")
	return slices.Contains(tagStarts, strings.TrimSpace(label)) && (ok || label == t) && !noTags.MatchString(tags)
}

// noTags are words of an instruction, which no list of tags has.
var noTags = pattern.MustCompile(`(?i)\d|\b(with|into|in the|in a|in each|add|put|pour|stir|jars?|each|per|plus|` +
	`a (little|bit|spoon|cup|pat|knob))\b`)

// strangeWord reports whether a word is on no list and is no English.
func (r *Reader) strangeWord(text string) bool {
	for _, u := range r.listed(0, text).unread {
		if !plainEnglish(u.word) {
			return true
		}
	}
	return false
}

// idleWords reports whether the words name no food and nothing done.
func (r *Reader) idleWords(line string) bool {
	st := r.Step(0, line)
	return len(st.Foods) == 0 && len(st.Acts) == 0 && !adds(line)
}

// adds reports whether something is put in, known or not.
func adds(text string) bool {
	text = strings.ToLower(text)
	for _, w := range []string{"add ", "adding", "stir", "throw in", "toss in", "put in", "mix in", "swirl", "fold in"} {
		if strings.Contains(text, w) {
			return true
		}
	}
	return false
}

// dropChatter takes out what stands before the heading of the ingredients and
// says nothing of what goes into a jar or how: no act that a rule speaks of, no
// food that the list does not have, no figure of a process. It is kept as notes
// and shown as dropped; whatever else the page says stays and is judged.
func (r *Reader) dropChatter(rec *Recipe, ingredientsAt int) {
	if ingredientsAt == 0 {
		return
	}
	listed := map[string]bool{}
	for _, l := range rec.Lines {
		if l.Kind == Ingredient {
			listed[l.FoodID] = true
			for _, x := range append(append([]*Line{}, l.Also...), l.Alternatives...) {
				listed[x.FoodID] = true
			}
		}
	}
	harmful := map[int]bool{}
	for _, s := range rec.Steps {
		if s.No >= ingredientsAt {
			continue
		}
		harmful[s.No] = harmful[s.No] || adds(s.Text) || len(s.Asks) > 0
		for i := range s.Clauses {
			for _, a := range s.Clauses[i].Acts {
				harmful[s.No] = harmful[s.No] || changesRecipe[a.Name]
			}
		}
		for _, a := range s.Acts {
			harmful[s.No] = harmful[s.No] || !idle[a.Tag]
		}
		for _, m := range s.Foods {
			harmful[s.No] = harmful[s.No] || !listed[m.Food.ID]
		}
		for _, w := range []string{"minute", "pound", "psi", "jar", "pint", "quart", "canner", "process"} {
			harmful[s.No] = harmful[s.No] || strings.Contains(strings.ToLower(s.Text), w)
		}
	}
	var kept []*Step
	for _, s := range rec.Steps {
		if s.No >= ingredientsAt || harmful[s.No] {
			kept = append(kept, s)
			continue
		}
		if n := len(rec.Lines); n > 0 && rec.Lines[n-1].Kind == Note && rec.Lines[n-1].No == s.No {
			rec.Lines[n-1].Text += " " + s.Text
			continue
		}
		rec.Lines = append(rec.Lines, note(s.No, s.Text))
	}
	rec.Steps = kept
	sort.SliceStable(rec.Lines, func(i, j int) bool { return rec.Lines[i].No < rec.Lines[j].No })
}

// changesRecipe are acts that alter the list, wherever they are told.
var changesRecipe = map[string]bool{"leave-out": true, "replace": true, "halve": true, "double": true, "no-process": true, "add": true, "stir-in": true, "dose-jar": true}

// idle are acts that say nothing of the jar.
var idle = map[string]bool{"serve": true, "open-jar": true, "lower-heat": true, "natural-cool": true}

func note(no int, text string) *Line {
	return &Line{No: no, Text: text, Kind: Note, Reading: Understood, Prep: []string{}, State: []string{}}
}

// yieldLine is a line that only counts jars.
var yieldLine = pattern.MustCompile(`^\((about |for )*(\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve) (half.)?(pints?|quarts?|jars?|pts?|qts?)\)\W*$`)
