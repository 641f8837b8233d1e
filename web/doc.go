// Package web is Damson in the browser: routes, handlers and view models. A
// page is one file here and one template of the same name. It judges nothing;
// what it shows comes from package review.
package web
