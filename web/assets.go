package web

import (
	"crypto/sha256"
	"embed"
	"encoding/hex"
	"io/fs"
	"net/http"
	"path"
	"strings"
	"sync"

	"github.com/gin-gonic/gin"
)

//go:embed assets
var assetFiles embed.FS

// assetTags are the prints of the files that ship with the program, by name.
var assetTags = sync.OnceValue(func() map[string]string {
	out := map[string]string{}
	_ = fs.WalkDir(assetFiles, "assets", func(name string, e fs.DirEntry, err error) error {
		if err == nil && !e.IsDir() {
			data, _ := assetFiles.ReadFile(name) // it is in the program
			sum := sha256.Sum256(data)
			out[strings.TrimPrefix(name, "assets/")] = hex.EncodeToString(sum[:6])
		}
		return nil
	})
	return out
})

// assetPath is the address of a file that ships with the program. Its print is part of it,
// so that a new program's page never meets an old program's script.
func assetPath(name string) string { return "/assets/" + assetTags()[name] + "/" + name }

var assetKinds = map[string]string{".css": "text/css; charset=utf-8", ".js": "text/javascript; charset=utf-8",
	".woff2": "font/woff2", ".svg": "image/svg+xml", ".txt": "text/plain; charset=utf-8"}

// serveAsset answers the files that ship with the program: by their print for a year, by
// their name alone for as long as they are what the browser has.
func serveAsset(c *gin.Context) {
	dir, name := path.Split(strings.TrimPrefix(path.Clean("/"+c.Param("file")), "/"))
	data, err := fs.ReadFile(assetFiles, "assets/"+name)
	kind, known := assetKinds[path.Ext(name)]
	if err != nil || !known {
		c.Status(http.StatusNotFound)
		return
	}
	tag := assetTags()[name]
	c.Header("ETag", `"`+tag+`"`)
	c.Header("Cache-Control", "public, no-cache")
	if dir == tag+"/" {
		c.Header("Cache-Control", "public, max-age=31536000, immutable")
	}
	if strings.Contains(c.GetHeader("If-None-Match"), tag) {
		c.Status(http.StatusNotModified)
		return
	}
	if zipped, ok := gzipped("/"+name, data, kind); ok && strings.Contains(c.GetHeader("Accept-Encoding"), "gzip") {
		c.Header("Content-Encoding", "gzip")
		c.Header("Vary", "Accept-Encoding")
		data = zipped
	}
	c.Data(http.StatusOK, kind, data)
}
