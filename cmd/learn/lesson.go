package main

import (
	"bufio"
	"encoding/json"
	"hash/fnv"
	"os"
	"path/filepath"
	"slices"
	"strings"

	"damson/core/recipe"
)

// lesson is a sentence by its marks, and whether a process authority would stop at it.
type lesson struct {
	text  string // the recipe that it is of, or the sentence
	marks []uint32
	harm  bool
}

// fold deals the texts out, so that the sentences of one stay together.
func (l *lesson) fold(n int) int {
	h := fnv.New32a()
	h.Write([]byte(l.text))
	return int(h.Sum32() % uint32(n))
}

// school reads texts and keeps what the reader says of their sentences.
type school struct {
	reader  *recipe.Reader
	heard   map[string][]uint32
	lessons []lesson
	// one in so many texts is read; texts are those that came so far.
	share, texts int
}

// lessonsOf reads one in share of the texts in dir.
func lessonsOf(dir string, r *recipe.Reader, share int) ([]lesson, error) {
	s := &school{reader: r, share: share, heard: map[string][]uint32{}}
	r.Listen(func(sentence string, marks []uint32) { s.heard[sentence] = marks })
	for _, take := range []func(string) error{s.adversary, s.plain, s.people, s.voices, s.cases} {
		if err := take(dir); err != nil {
			return nil, err
		}
	}
	return s.lessons, nil
}

// read keeps the sentences of a text, or those alone that are part of one.
func (s *school) read(text, only, name string, harm bool) {
	if s.texts++; s.texts%s.share != 0 {
		return
	}
	clear(s.heard)
	doc, err := recipe.Open("a.txt", []byte(text))
	if err != nil || len(doc.Texts) == 0 {
		return // a file that nobody can read teaches nothing
	}
	if _, err := s.reader.Text(doc.Texts[0]); err != nil {
		return
	}
	sentences := make([]string, 0, len(s.heard))
	for sentence := range s.heard {
		sentences = append(sentences, sentence)
	}
	slices.Sort(sentences)
	for _, sentence := range sentences {
		if only == "" || strings.Contains(only, sentence) {
			s.lessons = append(s.lessons, lesson{name, s.heard[sentence], harm})
		}
	}
}

// adversary takes the hazards and the sound sentences of adversary in their kitchens.
func (s *school) adversary(dir string) error {
	if err := s.rows(dir, "plain.txt", true); err != nil {
		return err
	}
	return s.rows(dir, "sound.txt", false)
}

func (s *school) rows(dir, file string, harm bool) error {
	data, err := os.ReadFile(filepath.Join(dir, "adversary", file))
	if err != nil {
		return err
	}
	for row := range strings.SplitSeq(string(data), "\n") {
		f := strings.SplitN(strings.TrimPrefix(row, "?"), "|", 3)
		if len(f) < 3 || strings.HasPrefix(row, "#") {
			continue
		}
		text, err := kitchen(dir, f[0], f[1], f[2])
		if err != nil {
			return err
		}
		before := len(s.lessons)
		s.read(text, f[2], f[2], harm)
		if !harm { // short and plain: they count for more than a line of a letter
			s.lessons = append(s.lessons, s.lessons[before:]...)
		}
	}
	return nil
}

// kitchen puts the sentence at a place of a sound recipe.
func kitchen(dir, base, place, sentence string) (string, error) {
	data, err := os.ReadFile(filepath.Join(dir, "adversary", "kitchens", base+".txt"))
	if err != nil {
		return "", err
	}
	_, text, _ := strings.Cut(string(data), "\n")
	text = strings.Replace(text, "<"+place+">", sentence, 1)
	return strings.NewReplacer("<0>", "", "<1>", "", "<2>", "").Replace(text), nil
}

// plain takes the harm and the talk that were written as sentences.
func (s *school) plain(dir string) error {
	places := map[string]string{"list": "0", "prepare": "0", "fill": "0", "process": "1"}
	for _, of := range []struct {
		file string
		harm bool
	}{{"harm.jsonl", true}, {"talk.jsonl", false}} {
		err := each(filepath.Join(dir, "plain", of.file), func(row []byte) error {
			var is struct{ Text, Where string }
			if err := json.Unmarshal(row, &is); err != nil {
				return err
			}
			place, ok := places[is.Where]
			if !ok {
				place = "2"
			}
			for _, base := range []string{"beans", "pears"} {
				text, err := kitchen(dir, base, place, is.Text)
				if err != nil {
					return err
				}
				s.read(text, is.Text, is.Text, of.harm)
				if of.harm {
					break
				}
			}
			return nil
		})
		if err != nil {
			return err
		}
	}
	return nil
}

// people takes the sound recipes of people/recipes.jsonl.
func (s *school) people(dir string) error {
	return each(filepath.Join(dir, "people", "recipes.jsonl"), func(row []byte) error {
		var is struct {
			ID, Text string
			Verdict  []string
		}
		if err := json.Unmarshal(row, &is); err != nil {
			return err
		}
		if slices.Equal(is.Verdict, []string{"clear"}) {
			s.read(is.Text, "", is.ID, false)
		}
		return nil
	})
}

// voices takes the recipes of voices, which are all sound.
func (s *school) voices(dir string) error {
	files, err := filepath.Glob(filepath.Join(dir, "voices", "*.txt"))
	if err != nil {
		return err
	}
	for _, name := range files {
		data, err := os.ReadFile(name)
		if err != nil {
			return err
		}
		_, text, _ := strings.Cut(string(data), "\n")
		s.read(text, "", name, false)
	}
	return nil
}

// cases takes the worked cases that are clear.
func (s *school) cases(dir string) error {
	files, err := filepath.Glob(filepath.Join(dir, "*.txt"))
	if err != nil {
		return err
	}
	for _, name := range files {
		data, err := os.ReadFile(name)
		if err != nil {
			return err
		}
		var lines []string
		for line := range strings.SplitSeq(string(data), "\n") {
			line, _, _ = strings.Cut(line, " # want:")
			if !strings.HasPrefix(line, "// ") {
				lines = append(lines, line)
			}
		}
		if strings.HasPrefix(string(data), "// verdict: clear") {
			s.read(strings.Join(lines, "\n"), "", name, false)
		}
	}
	return nil
}

func each(name string, do func(row []byte) error) error {
	f, err := os.Open(name)
	if err != nil {
		return err
	}
	defer f.Close()
	in := bufio.NewScanner(f)
	in.Buffer(nil, 1<<20)
	for in.Scan() {
		if err := do(in.Bytes()); err != nil {
			return err
		}
	}
	return in.Err()
}
