// Learn writes core/method/opinion.bin.gz: the second look at sentences that the reader
// would let pass. It learns from the cases of core/review/testdata, by logistic regression,
// and prints how well the opinion does on sentences that it did not learn from.
package main

import (
	"flag"
	"fmt"
	"log"
	"os"

	"damson/core/recipe"
	"damson/knowledge"
)

func main() {
	from := flag.String("from", "core/review/testdata", "the folder with the cases")
	to := flag.String("to", "core/method/opinion.bin.gz", "the file to write")
	flag.Parse()
	if err := run(*from, *to); err != nil {
		log.Fatal(err)
	}
}

func run(from, to string) error {
	lib, err := knowledge.Load()
	if err != nil {
		return err
	}
	lessons, err := lessonsOf(from, recipe.NewReader(lib.Foods, lib.Language), 1)
	if err != nil {
		return err
	}
	for _, share := range []float64{0.005, 0.01, 0.02} {
		limit, caught, texts := apart(lessons, share)
		fmt.Printf("kept apart, from %.2f: %.1f %% of sound sentences are stopped, %.0f %% of harmful ones, %.0f %% of sound texts\n", limit, 100*share, 100*caught, 100*texts)
	}
	opinion := learn(lessons)
	return os.WriteFile(to, opinion.Pack(), 0o644)
}

// apart learns five times without a fifth of the lessons and returns the share of harmful
// sentences that is stopped where the given share of sound ones is, and the share of sound
// texts that hold one of those.
func apart(lessons []lesson, share float64) (limit, caught, texts float64) {
	const folds = 5
	var sound, harm []judged
	for fold := range folds {
		var taught, asked []lesson
		for _, l := range lessons {
			if l.fold(folds) == fold {
				asked = append(asked, l)
			} else {
				taught = append(taught, l)
			}
		}
		o := learn(taught)
		for _, l := range asked {
			j := judged{o.Score(l.marks), l.text}
			if l.harm {
				harm = append(harm, j)
			} else {
				sound = append(sound, j)
			}
		}
	}
	return weigh(sound, harm, share)
}
