package web

import (
	"bytes"
	"compress/gzip"
	"strings"
	"sync"
)

// zipped holds the compressed form of each asset, made at its first request.
var zipped sync.Map

// gzipped returns the asset compressed; fonts are compressed already.
func gzipped(name string, data []byte, kind string) ([]byte, bool) {
	if strings.HasPrefix(kind, "font/") {
		return nil, false
	}
	if b, ok := zipped.Load(name); ok {
		return b.([]byte), true
	}
	var b bytes.Buffer
	w, err := gzip.NewWriterLevel(&b, gzip.BestCompression)
	if err != nil {
		return nil, false
	}
	if _, err := w.Write(data); err != nil {
		return nil, false
	}
	if err := w.Close(); err != nil {
		return nil, false
	}
	zipped.Store(name, b.Bytes())
	return b.Bytes(), true
}
