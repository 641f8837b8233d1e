package review_test

import (
	"os"
	"path/filepath"
	"strings"
	"testing"

	"damson/core/review"
)

// twentyLines is a recipe of twenty ingredient lines with a method.
const twentyLines = `Harvest soup
4 cups carrots, peeled and diced
3 cups potatoes, peeled and cubed
2 cups green beans, cut in 1-inch pieces
1 cup corn kernels
1 cup shelled peas
1 cup lima beans
2 cups tomatoes, peeled and chopped
1 cup onion, chopped
1/2 cup celery, sliced
2 cloves garlic, minced
1 lb beef, cubed and browned
1/4 cup butter
3 Tbsp plain flour
1 1/2 cups heavy cream
10 cups beef broth
2 cups water
2 tsp canning salt
1 tsp black pepper
1 tsp dried thyme
2 bay leaves
Combine everything and boil 5 minutes. Fill jars half full of solids, then ladle the hot liquid to within 1 inch of the top.
Pressure can quarts for 75 minutes at 13 pounds.`

// BenchmarkReview parses and reviews a recipe of twenty lines. It is the same one each time, so its sentences are
// known, as they are while somebody types; what a new recipe takes is BenchmarkMany.
func BenchmarkReview(b *testing.B) {
	for b.Loop() {
		rec, err := reviewer.Reader().Text(twentyLines)
		if err != nil {
			b.Fatal(err)
		}
		reviewer.Review(review.Request{Recipe: rec, Elevation: 5240, ElevationGiven: true, Gauge: "dial"})
	}
}

// BenchmarkRead only parses it, known as well.
func BenchmarkRead(b *testing.B) {
	for b.Loop() {
		if _, err := reviewer.Reader().Text(twentyLines); err != nil {
			b.Fatal(err)
		}
	}
}

// Reading lines: 100,000 a second or more on one core.
func BenchmarkLines(b *testing.B) {
	data, err := os.ReadFile("../recipe/testdata/corpus.txt")
	if err != nil {
		b.Fatal(err)
	}
	var lines []string
	for _, row := range strings.Split(string(data), "\n") {
		if text, _, ok := strings.Cut(row, "|"); ok && !strings.HasPrefix(row, "#") {
			lines = append(lines, text)
		}
	}
	b.ResetTimer()
	for i := 0; b.Loop(); i++ {
		reviewer.Reader().Line(i, lines[i%len(lines)])
	}
	b.ReportMetric(float64(b.N)/b.Elapsed().Seconds(), "lines/s")
}

// BenchmarkMany reads and reviews the recipes of testdata on all cores: more than are kept in memory.
func BenchmarkMany(b *testing.B) {
	files, err := filepath.Glob("testdata/*.txt")
	if err != nil {
		b.Fatal(err)
	}
	var texts []string
	for _, name := range files {
		data, err := os.ReadFile(name)
		if err != nil {
			b.Fatal(err)
		}
		texts = append(texts, readCase(nil, string(data)).text)
	}
	b.RunParallel(func(pb *testing.PB) {
		for i := 0; pb.Next(); i++ {
			rec, err := reviewer.Reader().Text(texts[i%len(texts)])
			if err != nil {
				b.Error(err)
				return
			}
			reviewer.Review(review.Request{Recipe: rec, Elevation: 5240, ElevationGiven: true})
		}
	})
	b.ReportMetric(float64(b.N)/b.Elapsed().Seconds(), "recipes/s")
}
