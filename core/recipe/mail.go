package recipe

import (
	"encoding/base64"
	"io"
	"mime"
	"mime/quotedprintable"
	"strings"

	"damson/core/pattern"
)

// isMail reports whether the text is a stored e-mail: header lines, among them
// who wrote it and how it is coded.
func isMail(name, text string) bool {
	head, _, ok := strings.Cut(strings.ReplaceAll(text, "\r\n", "\n"), "\n\n")
	if !ok || !mailHead.MatchString(head) {
		return false
	}
	h := mailHeader(head)
	return strings.HasSuffix(strings.ToLower(name), ".eml") && h["from"] != "" || h["from"] != "" && (h["mime-version"] != "" || h["content-type"] != "")
}

var mailHead = pattern.MustCompile(`^[A-Za-z][A-Za-z-]*:`)

// FromMail returns the words of an e-mail: its subject, and its first part in
// plain text, else its first web page without the marks.
func FromMail(text string) string {
	text = strings.ReplaceAll(text, "\r\n", "\n")
	head, body, _ := strings.Cut(text, "\n\n")
	h := mailHeader(head)
	words := mailPart(h, body, 0)
	subject := strings.TrimSpace(reply.ReplaceAllString(h["subject"], ""))
	if subject == "" || strings.TrimSpace(words) == "" {
		return words
	}
	return subject + "\n\n" + words
}

// reply is what mail programs put before a subject.
var reply = pattern.MustCompile(`(?i)^((re|fwd?|aw|wg|tr|sv)\s*:\s*)+`)

// mailHeader reads header lines, those that are folded too.
func mailHeader(head string) map[string]string {
	out := map[string]string{}
	last := ""
	decode := &mime.WordDecoder{}
	for _, line := range strings.Split(head, "\n") {
		if line != "" && (line[0] == ' ' || line[0] == '\t') {
			if last != "" {
				out[last] += " " + strings.TrimSpace(line)
			}
			continue
		}
		k, v, ok := strings.Cut(line, ":")
		if !ok {
			continue
		}
		last = strings.ToLower(strings.TrimSpace(k))
		out[last] = strings.TrimSpace(v)
	}
	for k, v := range out {
		if plain, err := decode.DecodeHeader(v); err == nil {
			out[k] = plain
		}
	}
	return out
}

// mailDepth is how deep parts of parts are looked into.
const mailDepth = 4

func mailPart(h map[string]string, body string, depth int) string {
	kind, params, err := mime.ParseMediaType(h["content-type"])
	if err != nil {
		kind = "text/plain"
	}
	if b := params["boundary"]; b != "" && depth < mailDepth {
		return mailParts(body, b, depth)
	}
	if !strings.HasPrefix(kind, "text/") {
		return ""
	}
	var r io.Reader = strings.NewReader(body)
	switch strings.ToLower(h["content-transfer-encoding"]) {
	case "quoted-printable":
		r = quotedprintable.NewReader(r)
	case "base64":
		r = base64.NewDecoder(base64.StdEncoding, strings.NewReader(strings.Join(strings.Fields(body), "")))
	}
	data, _ := io.ReadAll(io.LimitReader(r, MaxBytes))
	words := string(data)
	if low := strings.ToLower(params["charset"]); strings.HasPrefix(low, "iso-8859") || strings.HasPrefix(low, "windows-125") {
		words = latin(data)
	}
	if strings.HasPrefix(kind, "text/html") {
		if texts, err := FromHTML(words); err == nil {
			return strings.Join(texts, "\n\n")
		}
		return ""
	}
	return words
}

// mailParts returns the words of the first part that has any, plain text first.
func mailParts(body, boundary string, depth int) string {
	found := ""
	for _, part := range strings.Split(body, "--"+boundary) {
		head, rest, ok := strings.Cut(strings.TrimLeft(part, "\n"), "\n\n")
		if !ok {
			continue
		}
		h := mailHeader(head)
		plain := h["content-type"] == "" || strings.HasPrefix(h["content-type"], "text/plain")
		if !plain && !strings.HasPrefix(h["content-type"], "text/html") && !strings.HasPrefix(h["content-type"], "multipart/") {
			continue
		}
		words := mailPart(h, rest, depth+1)
		if strings.TrimSpace(words) == "" {
			continue
		}
		if plain {
			return words
		}
		if found == "" {
			found = words
		}
	}
	return found
}

// latin reads the bytes of ISO 8859-1.
func latin(data []byte) string {
	out := make([]rune, len(data))
	for i, b := range data {
		out[i] = rune(b)
	}
	return string(out)
}

// Pasted is a text as it was pasted; where that is the source of a mail whose letters
// are coded, "=C2=BD cup", it is the mail's own words.
func Pasted(text string) string {
	low := strings.ToLower(text)
	if len(text) > MaxBytes || !isMail("", strings.TrimSpace(text)) || !strings.Contains(low, "content-transfer-encoding: quoted-printable") && !strings.Contains(low, "content-transfer-encoding: base64") {
		return text
	}
	if plain := FromMail(strings.TrimSpace(text)); strings.TrimSpace(plain) != "" {
		return plain
	}
	return text
}
