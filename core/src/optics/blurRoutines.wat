;; The inner loops of defocus, four 32-bit floats at a time: red, green, blue and cover of a cell.
;; blurWasm.ts is made from this by `node tools/wat.mjs`; plainBlur.ts says the same in TypeScript.
(module
  (memory (export "memory") 1)

  ;; Gives the pixels of a row to their layers by their blur, scale * (1 / depth - focus): positive before the focus.
  ;; rgb: three floats a pixel, and one more behind the last. Sharp ones go to the sharp layer at once; to light go all others
  ;; with a cover of 1; to back and front the number of their disc or -1; to wide the signed radius of those that are blurred
  ;; by more than a grid of pixels can hold, else 0. Returns 1 when any lie behind, + 2 before, + 4 wide.
  (func (export "sortRow")
    (param $rgb i32) (param $depth i32) (param $n i32) (param $scale f32) (param $focus f32)
    (param $least f32) (param $most f32) (param $perPx f32)
    (param $sharp i32) (param $light i32) (param $back i32) (param $front i32) (param $wide i32)
    (result i32)
    (local $last i32) (local $radius f32) (local $size f32) (local $pixel v128) (local $disc i32) (local $flags i32)
    (local.set $last (i32.add (local.get $depth) (i32.shl (local.get $n) (i32.const 2))))
    (block $done
      (loop $next
        (br_if $done (i32.ge_u (local.get $depth) (local.get $last)))
        (local.set $radius
          (f32.mul (local.get $scale)
            (f32.sub (f32.div (f32.const 1) (f32.load (local.get $depth))) (local.get $focus))))
        (local.set $size (f32.abs (local.get $radius)))
        (local.set $pixel (f32x4.replace_lane 3 (v128.load (local.get $rgb)) (f32.const 1)))
        (i32.store (local.get $back) (i32.const -1))
        (i32.store (local.get $front) (i32.const -1))
        (f32.store (local.get $wide) (f32.const 0))
        (if (f32.lt (local.get $size) (local.get $least))
          (then (v128.store (local.get $sharp) (local.get $pixel)))
          (else
            (v128.store (local.get $light) (local.get $pixel))
            (if (f32.gt (local.get $size) (local.get $most))
              (then
                (f32.store (local.get $wide) (local.get $radius))
                (local.set $flags (i32.or (local.get $flags) (i32.const 4))))
              (else
                (local.set $disc
                  (i32.trunc_f32_s
                    (f32.add (f32.mul (local.get $size) (local.get $perPx)) (f32.const 0.5))))
                (if (f32.lt (local.get $radius) (f32.const 0))
                  (then
                    (i32.store (local.get $back) (local.get $disc))
                    (local.set $flags (i32.or (local.get $flags) (i32.const 1))))
                  (else
                    (i32.store (local.get $front) (local.get $disc))
                    (local.set $flags (i32.or (local.get $flags) (i32.const 2)))))))))
        (local.set $rgb (i32.add (local.get $rgb) (i32.const 12)))
        (local.set $depth (i32.add (local.get $depth) (i32.const 4)))
        (local.set $sharp (i32.add (local.get $sharp) (i32.const 16)))
        (local.set $light (i32.add (local.get $light) (i32.const 16)))
        (local.set $back (i32.add (local.get $back) (i32.const 4)))
        (local.set $front (i32.add (local.get $front) (i32.const 4)))
        (local.set $wide (i32.add (local.get $wide) (i32.const 4)))
        (br $next)))
    (local.get $flags))

  ;; Adds a share of a pixel to a gathering cell: its light with cover, and its radius.
  (func $gather (param $cell i32) (param $light v128) (param $radius f32) (param $share f32)
    (v128.store (local.get $cell)
      (f32x4.add (v128.load (local.get $cell))
        (f32x4.mul (local.get $light) (f32x4.splat (local.get $share)))))
    (f32.store offset=16 (local.get $cell)
      (f32.add (f32.load offset=16 (local.get $cell)) (f32.mul (local.get $radius) (local.get $share)))))

  ;; Gathers the widely blurred pixels of a row in the cells of coarser grids, shared among the four cells round them.
  ;; sign: -1 takes what lies behind the focus, 1 what lies before it. grids: for each grid from 1 on the address of its
  ;; gathering cells (32 bytes each), the bytes of a row of them, and whether it has been touched. x, y: place of the first pixel.
  (func (export "gatherRow")
    (param $light i32) (param $wide i32) (param $n i32) (param $sign f32) (param $x f32) (param $y f32)
    (param $widest f32) (param $most f32) (param $coarsest i32) (param $grids i32)
    (local $last i32) (local $radius f32) (local $grid i32) (local $reach f32) (local $size f32)
    (local $u f32) (local $v f32) (local $fx f32) (local $fy f32) (local $entry i32) (local $cell i32)
    (local $row i32) (local $pixel v128)
    (local.set $last (i32.add (local.get $wide) (i32.shl (local.get $n) (i32.const 2))))
    (block $done
      (loop $next
        (br_if $done (i32.ge_u (local.get $wide) (local.get $last)))
        (local.set $radius (f32.mul (local.get $sign) (f32.load (local.get $wide))))
        (if (f32.gt (local.get $radius) (f32.const 0))
          (then
            (local.set $radius (f32.min (local.get $radius) (local.get $widest)))
            (local.set $grid (i32.const 1))
            (local.set $size (f32.const 2))
            (local.set $reach (f32.mul (local.get $most) (f32.const 2)))
            (block $found
              (loop $coarser
                (br_if $found
                  (i32.or
                    (f32.le (local.get $radius) (local.get $reach))
                    (i32.ge_s (local.get $grid) (local.get $coarsest))))
                (local.set $grid (i32.add (local.get $grid) (i32.const 1)))
                (local.set $size (f32.mul (local.get $size) (f32.const 2)))
                (local.set $reach (f32.mul (local.get $reach) (f32.const 2)))
                (br $coarser)))
            (local.set $entry
              (i32.add (local.get $grids)
                (i32.mul (i32.sub (local.get $grid) (i32.const 1)) (i32.const 12))))
            (i32.store offset=8 (local.get $entry) (i32.const 1))
            (local.set $row (i32.load offset=4 (local.get $entry)))
            (local.set $u
              (f32.add (f32.div (f32.add (local.get $x) (f32.const 0.5)) (local.get $size)) (f32.const 0.5)))
            (local.set $v
              (f32.add (f32.div (f32.add (local.get $y) (f32.const 0.5)) (local.get $size)) (f32.const 0.5)))
            (local.set $fx (f32.sub (local.get $u) (f32.floor (local.get $u))))
            (local.set $fy (f32.sub (local.get $v) (f32.floor (local.get $v))))
            (local.set $cell
              (i32.add (i32.load (local.get $entry))
                (i32.add
                  (i32.mul (i32.trunc_f32_s (f32.floor (local.get $v))) (local.get $row))
                  (i32.shl (i32.trunc_f32_s (f32.floor (local.get $u))) (i32.const 5)))))
            (local.set $pixel (v128.load (local.get $light)))
            (call $gather (local.get $cell) (local.get $pixel) (local.get $radius)
              (f32.mul (f32.sub (f32.const 1) (local.get $fx)) (f32.sub (f32.const 1) (local.get $fy))))
            (call $gather (i32.add (local.get $cell) (i32.const 32)) (local.get $pixel) (local.get $radius)
              (f32.mul (local.get $fx) (f32.sub (f32.const 1) (local.get $fy))))
            (local.set $cell (i32.add (local.get $cell) (local.get $row)))
            (call $gather (local.get $cell) (local.get $pixel) (local.get $radius)
              (f32.mul (f32.sub (f32.const 1) (local.get $fx)) (local.get $fy)))
            (call $gather (i32.add (local.get $cell) (i32.const 32)) (local.get $pixel) (local.get $radius)
              (f32.mul (local.get $fx) (local.get $fy)))))
        (local.set $light (i32.add (local.get $light) (i32.const 16)))
        (local.set $wide (i32.add (local.get $wide) (i32.const 4)))
        (local.set $x (f32.add (local.get $x) (f32.const 1)))
        (br $next))))

  ;; Spreads a row of pixels over their discs. kernels: for each pixel the number of its disc, or -1 for none.
  ;; table: for each disc the address of its taps and their number. A tap: byte offset from the cell, and share.
  (func (export "spreadRow")
    (param $pixels i32) (param $kernels i32) (param $n i32) (param $cells i32) (param $table i32)
    (local $last i32) (local $kernel i32) (local $tap i32) (local $end i32) (local $o i32) (local $light v128)
    (local.set $last (i32.add (local.get $kernels) (i32.shl (local.get $n) (i32.const 2))))
    (block $done
      (loop $next
        (br_if $done (i32.ge_u (local.get $kernels) (local.get $last)))
        (local.set $kernel (i32.load (local.get $kernels)))
        (if (i32.ge_s (local.get $kernel) (i32.const 0))
          (then
            (local.set $light (v128.load (local.get $pixels)))
            (local.set $o (i32.add (local.get $table) (i32.shl (local.get $kernel) (i32.const 3))))
            (local.set $tap (i32.load (local.get $o)))
            (local.set $end
              (i32.add (local.get $tap) (i32.shl (i32.load offset=4 (local.get $o)) (i32.const 3))))
            (block $spread
              (loop $taps
                (br_if $spread (i32.ge_u (local.get $tap) (local.get $end)))
                (local.set $o (i32.add (local.get $cells) (i32.load (local.get $tap))))
                (v128.store (local.get $o)
                  (f32x4.add
                    (v128.load (local.get $o))
                    (f32x4.mul (local.get $light) (v128.load32_splat offset=4 (local.get $tap)))))
                (local.set $tap (i32.add (local.get $tap) (i32.const 8)))
                (br $taps)))))
        (local.set $pixels (i32.add (local.get $pixels) (i32.const 16)))
        (local.set $kernels (i32.add (local.get $kernels) (i32.const 4)))
        (local.set $cells (i32.add (local.get $cells) (i32.const 16)))
        (br $next))))

  ;; A row of a grid twice as fine, by linear steps between two rows of this one. Reads a cell beyond either end.
  (func (export "enlargeRow") (param $near i32) (param $far i32) (param $n i32) (param $out i32)
    (local $last i32) (local $most v128) (local $least v128)
    (local $left v128) (local $here v128) (local $right v128) (local $much v128)
    (local.set $most (f32x4.splat (f32.const 0.75)))
    (local.set $least (f32x4.splat (f32.const 0.25)))
    (local.set $last (i32.add (local.get $near) (i32.shl (local.get $n) (i32.const 4))))
    (local.set $left
      (f32x4.add
        (f32x4.mul (local.get $most) (v128.load (i32.sub (local.get $near) (i32.const 16))))
        (f32x4.mul (local.get $least) (v128.load (i32.sub (local.get $far) (i32.const 16))))))
    (local.set $here
      (f32x4.add
        (f32x4.mul (local.get $most) (v128.load (local.get $near)))
        (f32x4.mul (local.get $least) (v128.load (local.get $far)))))
    (block $done
      (loop $next
        (br_if $done (i32.ge_u (local.get $near) (local.get $last)))
        (local.set $right
          (f32x4.add
            (f32x4.mul (local.get $most) (v128.load offset=16 (local.get $near)))
            (f32x4.mul (local.get $least) (v128.load offset=16 (local.get $far)))))
        (local.set $much (f32x4.mul (local.get $most) (local.get $here)))
        (v128.store (local.get $out)
          (f32x4.add (local.get $much) (f32x4.mul (local.get $least) (local.get $left))))
        (v128.store offset=16 (local.get $out)
          (f32x4.add (local.get $much) (f32x4.mul (local.get $least) (local.get $right))))
        (local.set $left (local.get $here))
        (local.set $here (local.get $right))
        (local.set $near (i32.add (local.get $near) (i32.const 16)))
        (local.set $far (i32.add (local.get $far) (i32.const 16)))
        (local.set $out (i32.add (local.get $out) (i32.const 32)))
        (br $next))))

  ;; Lays a row of a layer over what lies behind it, and trusts what little is seen of it beside what hides it.
  (func (export "overBack") (param $layer i32) (param $behind i32) (param $n i32)
    (local $last i32) (local $cell v128) (local $cover f32) (local $sure f32)
    (local.set $last (i32.add (local.get $layer) (i32.shl (local.get $n) (i32.const 4))))
    (block $done
      (loop $next
        (br_if $done (i32.ge_u (local.get $layer) (local.get $last)))
        (local.set $cell (v128.load (local.get $layer)))
        (local.set $cover (f32x4.extract_lane 3 (local.get $cell)))
        (local.set $cell
          (f32x4.add
            (f32x4.mul (local.get $cell)
              (f32x4.splat (f32.div (f32.const 1) (f32.max (f32.const 1) (local.get $cover)))))
            (f32x4.mul (v128.load (local.get $behind))
              (f32x4.splat (f32.max (f32.const 0) (f32.sub (f32.const 1) (local.get $cover)))))))
        (local.set $sure (f32x4.extract_lane 3 (local.get $cell)))
        (if (i32.and (f32.gt (local.get $sure) (f32.const 0)) (f32.lt (local.get $sure) (f32.const 1)))
          (then
            (local.set $cell
              (f32x4.mul (local.get $cell)
                (f32x4.splat
                  (f32.div
                    (f32.min (f32.const 1) (f32.mul (f32.const 4) (local.get $sure)))
                    (local.get $sure)))))))
        (v128.store (local.get $layer) (local.get $cell))
        (local.set $layer (i32.add (local.get $layer) (i32.const 16)))
        (local.set $behind (i32.add (local.get $behind) (i32.const 16)))
        (br $next))))

  ;; Lays what is nearer over a row of a layer.
  (func (export "overFront") (param $layer i32) (param $before i32) (param $n i32)
    (local $last i32) (local $cell v128) (local $near v128) (local $own f32)
    (local.set $last (i32.add (local.get $layer) (i32.shl (local.get $n) (i32.const 4))))
    (block $done
      (loop $next
        (br_if $done (i32.ge_u (local.get $layer) (local.get $last)))
        (local.set $cell (v128.load (local.get $layer)))
        (local.set $near (v128.load (local.get $before)))
        (local.set $own
          (f32.div
            (f32.max (f32.const 0) (f32.sub (f32.const 1) (f32x4.extract_lane 3 (local.get $near))))
            (f32.max (f32.const 1) (f32x4.extract_lane 3 (local.get $cell)))))
        (v128.store (local.get $layer)
          (f32x4.add (local.get $near) (f32x4.mul (local.get $cell) (f32x4.splat (local.get $own)))))
        (local.set $layer (i32.add (local.get $layer) (i32.const 16)))
        (local.set $before (i32.add (local.get $before) (i32.const 16)))
        (br $next))))

  ;; A row of the picture: front over sharp over back. Writes three floats a pixel, and one more behind the last.
  (func (export "composeRow")
    (param $sharp i32) (param $back i32) (param $front i32) (param $n i32) (param $out i32)
    (local $last i32) (local $from v128) (local $near v128) (local $cover f32)
    (local.set $last (i32.add (local.get $sharp) (i32.shl (local.get $n) (i32.const 4))))
    (block $done
      (loop $next
        (br_if $done (i32.ge_u (local.get $sharp) (local.get $last)))
        (local.set $from (v128.load (local.get $sharp)))
        (if (i32.eqz (f32.gt (f32x4.extract_lane 3 (local.get $from)) (f32.const 0)))
          (then (local.set $from (v128.load (local.get $back)))))
        (local.set $near (v128.load (local.get $front)))
        (local.set $from
          (f32x4.add (local.get $near)
            (f32x4.mul (local.get $from)
              (f32x4.splat (f32.sub (f32.const 1) (f32x4.extract_lane 3 (local.get $near)))))))
        (local.set $cover (f32x4.extract_lane 3 (local.get $from)))
        (if (f32.gt (local.get $cover) (f32.const 0))
          (then
            (local.set $from
              (f32x4.mul (local.get $from) (f32x4.splat (f32.div (f32.const 1) (local.get $cover)))))))
        (v128.store (local.get $out) (local.get $from))
        (local.set $sharp (i32.add (local.get $sharp) (i32.const 16)))
        (local.set $back (i32.add (local.get $back) (i32.const 16)))
        (local.set $front (i32.add (local.get $front) (i32.const 16)))
        (local.set $out (i32.add (local.get $out) (i32.const 12)))
        (br $next)))))
