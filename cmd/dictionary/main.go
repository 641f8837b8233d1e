// Dictionary packs WordNet's single words for package english: each word with
// what it may be, and the irregular forms. It reads a folder laid out like
// Debian's package wordnet-base and writes core/english/wordnet.bin.gz.
package main

import (
	"bufio"
	"bytes"
	"compress/gzip"
	"flag"
	"fmt"
	"log"
	"os"
	"path/filepath"
	"sort"
	"strconv"
	"strings"

	"damson/core/english"
)

func main() {
	from := flag.String("from", "/usr/share/wordnet", "the folder with index.noun, data.noun and the rest")
	to := flag.String("to", "core/english/wordnet.bin.gz", "the file to write")
	flag.Parse()
	if err := run(*from, *to); err != nil {
		log.Fatal(err)
	}
}

func run(from, to string) error {
	entries := map[string]*english.Entry{}
	for _, part := range []string{"noun", "verb", "adj", "adv"} {
		synsets, err := synsetsOf(filepath.Join(from, "data."+part))
		if err != nil {
			return err
		}
		if err := addIndex(filepath.Join(from, "index."+part), part, synsets, entries); err != nil {
			return err
		}
	}
	forms, err := formsOf(from)
	if err != nil {
		return err
	}
	return write(to, entries, forms)
}

// synset is what data.* says of one sense: its lexicographer's file and its
// words in their own case.
type synset struct {
	file  uint8
	words map[string]bool
}

func eachLine(path string, do func(fields []string)) error {
	f, err := os.Open(path)
	if err != nil {
		return err
	}
	defer f.Close()
	in := bufio.NewScanner(f)
	in.Buffer(make([]byte, 1<<20), 1<<20)
	for in.Scan() {
		if line := in.Text(); line != "" && line[0] != ' ' {
			do(strings.Fields(line))
		}
	}
	return in.Err()
}

func synsetsOf(path string) (map[string]synset, error) {
	out := map[string]synset{}
	err := eachLine(path, func(f []string) {
		file, _ := strconv.Atoi(f[1])
		n, _ := strconv.ParseInt(f[3], 16, 32)
		s := synset{uint8(file), map[string]bool{}}
		for i := range int(n) {
			s.words[f[4+2*i]] = true
		}
		out[f[0]] = s
	})
	return out, err
}

// addIndex reads "lemma pos synset_cnt p_cnt ptr… sense_cnt tagsense_cnt offset…".
func addIndex(path, part string, synsets map[string]synset, into map[string]*english.Entry) error {
	return eachLine(path, func(f []string) {
		word := f[0]
		if strings.ContainsAny(word, "_.0123456789'/") {
			return
		}
		n, _ := strconv.Atoi(f[2])
		var senses []synset
		for _, offset := range f[len(f)-n:] {
			senses = append(senses, synsets[offset])
		}
		e := into[word]
		if e == nil {
			e = &english.Entry{}
			into[word] = e
		}
		common := false
		for _, s := range senses {
			common = common || s.words[word] || part != "noun"
		}
		switch part {
		case "noun":
			e.AddNoun(senses[0].file)
			for _, s := range senses {
				e.AlsoNoun(s.file)
			}
			if !common {
				e.SetProper()
			}
		case "verb":
			e.AddVerb(senses[0].file)
		case "adj":
			e.AddAdjective()
		case "adv":
			e.AddAdverb()
		}
	})
}

// formsOf reads the irregular forms: "ate eat".
func formsOf(from string) ([][2]string, error) {
	var out [][2]string
	for _, part := range []string{"verb", "noun", "adj"} {
		err := eachLine(filepath.Join(from, part+".exc"), func(f []string) {
			if len(f) > 1 && !strings.ContainsAny(f[0]+f[1], "_'") && f[0] != f[1] {
				out = append(out, [2]string{part[:1] + f[0], f[1]})
			}
		})
		if err != nil {
			return nil, err
		}
	}
	return out, nil
}

func write(to string, entries map[string]*english.Entry, forms [][2]string) error {
	var names []string
	for w := range entries {
		names = append(names, w)
	}
	sort.Strings(names)
	var b bytes.Buffer
	last := ""
	for _, w := range names {
		shared := 0
		for shared < len(last) && shared < len(w) && last[shared] == w[shared] && shared < 255 {
			shared++
		}
		b.WriteByte(byte(shared))
		b.WriteString(w[shared:])
		b.WriteByte(0)
		b.Write(entries[w].Pack())
		last = w
	}
	b.WriteByte(0)
	b.WriteByte(0)
	sort.Slice(forms, func(i, j int) bool { return forms[i][0] < forms[j][0] })
	for _, p := range forms {
		fmt.Fprintf(&b, "%s %s\n", p[0], p[1])
	}
	var packed bytes.Buffer
	z, _ := gzip.NewWriterLevel(&packed, gzip.BestCompression)
	if _, err := z.Write(b.Bytes()); err != nil {
		return err
	}
	if err := z.Close(); err != nil {
		return err
	}
	return os.WriteFile(to, packed.Bytes(), 0o644)
}
