-- What wrk sends at each request.
wrk.method = "POST"
wrk.body = "Bench"
wrk.headers["Content-Type"] = "text/plain"
